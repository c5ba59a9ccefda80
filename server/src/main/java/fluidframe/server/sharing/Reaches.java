package fluidframe.server.sharing;

import fluidframe.core.evening.ClassEvening;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Group;
import fluidframe.core.practice.Practice;
import fluidframe.core.routine.Routine;
import fluidframe.server.access.Device;
import fluidframe.server.access.Reach;
import fluidframe.server.evening.ClassView;
import fluidframe.server.people.PeopleView;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.record.Whoms;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * What is for which device. Figures are for all. Routines are for the studio's own screens, and of a couple's device those of the
 * couple and those of nobody. A plan of practice is for the devices of the couple or group whose it is, and the class of today for
 * the studio's screens. Lessons, people and the log are for none.
 */
@Component
class Reaches implements Reach {
    private final Whoms whoms;
    private final Documents<Group, PeopleView.GroupSummary> groups;
    private final Documents<Routine, RoutineSummary> routines;
    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final Documents<ClassEvening, ClassView.ClassSummary> classes;
    private final Clock clock;

    Reaches(
            Whoms whoms,
            Documents<Group, PeopleView.GroupSummary> groups,
            Documents<Routine, RoutineSummary> routines,
            Documents<Practice, PracticeView.PracticeSummary> practices,
            Documents<ClassEvening, ClassView.ClassSummary> classes,
            Clock clock) {
        this.whoms = whoms;
        this.groups = groups;
        this.routines = routines;
        this.practices = practices;
        this.classes = classes;
        this.clock = clock;
    }

    @Override
    public boolean reaches(Device device, String kind, String id, String with) {
        return switch (kind) {
            case "figure", "comparison", "syllabus", "cards" -> true;
            case "routine", "part" -> with.isBlank() && routines.find(id).isPresent() && isRoutineFor(device, id);
            case "practice" ->
                practices
                        .find(id)
                        .map(found -> found.value().with().id())
                        .equals(device.whom().filter(one -> whoms.find(one).isPresent()));
            case "class" ->
                device.whom().isEmpty()
                        && classes.find(id)
                                .filter(found ->
                                        found.value().at().toLocalDate().equals(today()))
                                .isPresent();
            default -> false;
        };
    }

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private boolean isRoutineFor(Device device, String id) {
        if (device.whom().isEmpty()) return true;
        return !ofOthers(device.whom().get()).contains(id);
    }

    /** The routines that somebody works on, and not the one whose device asks. */
    private Set<String> ofOthers(String whom) {
        Set<String> own = ownRoutines(whom);
        return whoms.all().stream()
                .filter(one -> !one.id().equals(whom))
                .flatMap(one -> one.work().routines().stream())
                .filter(id -> !own.contains(id))
                .collect(Collectors.toSet());
    }

    /** Those of a couple are also those of the groups in which its dancers are. */
    private Set<String> ownRoutines(String whom) {
        Set<String> own = new HashSet<>();
        Optional<Whoms.Whom> found = whoms.find(whom);
        found.ifPresent(one -> own.addAll(one.work().routines()));
        List<String> dancers =
                found.flatMap(Whoms.Whom::couple).map(Couple::dancers).orElse(List.of());
        groups.summaries().values().stream()
                .filter(group -> !Collections.disjoint(group.dancers(), dancers))
                .forEach(group -> own.addAll(group.routines()));
        return own;
    }

    /** All routines that are for a device, under their ids. */
    Map<String, RoutineSummary> routinesFor(Device device) {
        Map<String, RoutineSummary> all = routines.summaries();
        Optional<Set<String>> others = device.whom().map(this::ofOthers);
        return all.entrySet().stream()
                .filter(one -> !others.orElse(Set.of()).contains(one.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** The plans of practice of a device's couple or group. */
    Map<String, PracticeView.PracticeSummary> practicesFor(Device device) {
        String whom = device.whom().filter(one -> whoms.find(one).isPresent()).orElse(null);
        return practices.summaries().entrySet().stream()
                .filter(one -> one.getValue().whom().equals(whom))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** The classes of today, for the studio's screens. */
    Map<String, ClassView.ClassSummary> classesFor(Device device) {
        if (device.whom().isPresent()) return Map.of();
        return classes.summaries().entrySet().stream()
                .filter(one -> one.getValue().at().startsWith(today().toString()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
