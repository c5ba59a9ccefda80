package fluidframe.server.record;

import fluidframe.core.people.Couple;
import fluidframe.core.people.Group;
import fluidframe.server.people.PeopleView;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.store.Documents;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Couples and groups alike: whoever has lessons and a log. */
@Component
public class Whoms {
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Group, PeopleView.GroupSummary> groups;

    Whoms(Documents<Couple, PeopleView.CoupleSummary> couples, Documents<Group, PeopleView.GroupSummary> groups) {
        this.couples = couples;
        this.groups = groups;
    }

    /** @param kind couple or group */
    public record Whom(String kind, String id, String name, Couple.Work work, Optional<Couple> couple) {}

    /** Refuses what is neither. */
    public Whom get(String id) {
        return find(id).orElseThrow(() -> new NotFoundException("There is no couple or group \"" + id + "\""));
    }

    /** Empty for what is neither, or lies in the bin. */
    public Optional<Whom> find(String id) {
        return couples.find(id)
                .map(found -> of(id, found.value()))
                .or(() -> groups.find(id)
                        .map(found -> new Whom(
                                "group", id, found.value().name(), found.value().work(), Optional.empty())));
    }

    private static Whom of(String id, Couple couple) {
        return new Whom("couple", id, couple.name(), couple.work(), Optional.of(couple));
    }

    /** Everybody as lists know them, without reading anybody whole; in order of their ids. */
    public List<Named> all() {
        List<Named> all = new ArrayList<>();
        couples.summaries()
                .forEach((id, couple) -> all.add(new Named(
                        id, couple.name(), new Couple.Work(couple.routines(), couple.figures(), couple.events()))));
        groups.summaries()
                .forEach((id, group) -> all.add(new Named(
                        id, group.name(), new Couple.Work(group.routines(), group.figures(), group.events()))));
        all.sort(Comparator.comparing(Named::id));
        return all;
    }

    /** Somebody in a list. */
    public record Named(String id, String name, Couple.Work work) {}
}
