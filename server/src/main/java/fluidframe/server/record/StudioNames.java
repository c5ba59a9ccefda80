package fluidframe.server.record;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.jotting.Names;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Dancer;
import fluidframe.core.people.Group;
import fluidframe.core.routine.Routine;
import fluidframe.server.people.PeopleView;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Everything in this studio that a line may name. */
@Component
class StudioNames {
    private final Whoms whoms;
    private final Documents<Dancer, PeopleView.DancerSummary> dancers;
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Group, PeopleView.GroupSummary> groups;
    private final Documents<Routine, RoutineSummary> routines;
    private final FigureShelf shelf;

    StudioNames(
            Whoms whoms,
            Documents<Dancer, PeopleView.DancerSummary> dancers,
            Documents<Couple, PeopleView.CoupleSummary> couples,
            Documents<Group, PeopleView.GroupSummary> groups,
            Documents<Routine, RoutineSummary> routines,
            FigureShelf shelf) {
        this.whoms = whoms;
        this.dancers = dancers;
        this.couples = couples;
        this.groups = groups;
        this.routines = routines;
        this.shelf = shelf;
    }

    /** @param dance whose figures are meant first where several have one name */
    Names meaning(String dance) {
        Map<String, String> called = new HashMap<>();
        dancers.summaries().forEach((id, dancer) -> called.put(id, dancer.name()));
        List<Names.Named> people = new ArrayList<>();
        couples.summaries()
                .forEach((id, couple) ->
                        people.add(new Names.Named("couple", id, couple.name(), both(couple.dancers(), called))));
        groups.summaries().forEach((id, group) -> people.add(new Names.Named("group", id, group.name(), List.of())));
        Map<String, Set<String>> works = new HashMap<>();
        for (Whoms.Named whom : whoms.all()) {
            Set<String> ids = new HashSet<>(whom.work().figures());
            ids.addAll(whom.work().routines());
            works.put(whom.id(), ids);
        }
        List<Names.Named> subjects = new ArrayList<>();
        for (Chart chart : shelf.repertoire().charts()) subjects.add(named(chart, dance));
        routines.summaries()
                .forEach((id, routine) ->
                        subjects.add(new Names.Named("routine", id, routine.name(), List.of(), "", 0, 1)));
        return new Names(people, subjects, works);
    }

    /** The full names of both as one, so that two first names or a family name will do. */
    private static List<String> both(List<String> ids, Map<String, String> called) {
        List<String> names =
                ids.stream().flatMap(id -> Stream.ofNullable(called.get(id))).toList();
        List<String> also = new ArrayList<>(names);
        if (names.size() > 1) also.add(String.join(" and ", names));
        return also;
    }

    private static Names.Named named(Chart chart, String dance) {
        int rows = Math.max(chart.steps(Role.MAN).size(), chart.steps(Role.LADY).size());
        return new Names.Named(
                "figure",
                chart.id(),
                chart.identity().name(),
                chart.identity().otherNames(),
                chart.dance().title(),
                rows,
                chart.dance().toString().equals(dance) ? 1 : 2);
    }
}
