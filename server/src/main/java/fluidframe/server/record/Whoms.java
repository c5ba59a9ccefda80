package fluidframe.server.record;

import fluidframe.core.people.Couple;
import fluidframe.core.people.Group;
import fluidframe.server.people.PeopleView;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.store.Documents;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Couples and groups alike: whoever has lessons and a log. */
@Component
class Whoms {
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Group, PeopleView.GroupSummary> groups;

    Whoms(Documents<Couple, PeopleView.CoupleSummary> couples, Documents<Group, PeopleView.GroupSummary> groups) {
        this.couples = couples;
        this.groups = groups;
    }

    /** @param kind couple or group */
    record Whom(String kind, String id, String name, Couple.Work work, Optional<Couple> couple) {}

    /** Refuses what is neither. */
    Whom get(String id) {
        return find(id).orElseThrow(() -> new NotFoundException("There is no couple or group \"" + id + "\""));
    }

    Optional<Whom> find(String id) {
        return couples.find(id)
                .map(found -> of(id, found.value()))
                .or(() -> groups.find(id)
                        .map(found -> new Whom(
                                "group", id, found.value().name(), found.value().work(), Optional.empty())));
    }

    private static Whom of(String id, Couple couple) {
        return new Whom("couple", id, couple.name(), couple.work(), Optional.of(couple));
    }

    List<Whom> all() {
        List<Whom> all = new ArrayList<>();
        couples.saved().keySet().stream().sorted().forEach(id -> find(id).ifPresent(all::add));
        groups.saved().keySet().stream().sorted().forEach(id -> find(id).ifPresent(all::add));
        return all;
    }
}
