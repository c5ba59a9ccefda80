package fluidframe.server.demo;

import fluidframe.core.evening.ClassEvening;
import fluidframe.core.people.Group;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Rotation;
import fluidframe.core.rotation.Rotations;
import fluidframe.server.evening.ClassView;
import fluidframe.server.people.PeopleView;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The course of the demo studio's class: three evenings that have been danced, and tonight's. */
@Component
class DemoClasses {
    private static final String GROUP = "thursday-class";
    private static final List<ClassEvening.Material> TAUGHT = List.of(
            new ClassEvening.Material("figure", "cha-cha.new-york", "New York"),
            new ClassEvening.Material("figure", "cha-cha.spot-turn", "Spot Turn"),
            new ClassEvening.Material("figure", "cha-cha.hand-to-hand", "Hand to Hand"),
            new ClassEvening.Material("figure", "cha-cha.new-york", "New York"));
    private static final int ROUNDS = 8;
    private static final double TEMPO = 26;
    private static final int TIMES = 12;

    private final Documents<ClassEvening, ClassView.ClassSummary> classes;
    private final Documents<Group, PeopleView.GroupSummary> groups;
    private final Clock clock;

    DemoClasses(
            Documents<ClassEvening, ClassView.ClassSummary> classes,
            Documents<Group, PeopleView.GroupSummary> groups,
            Clock clock) {
        this.classes = classes;
        this.groups = groups;
        this.clock = clock;
    }

    void furnish() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        Group group = groups.get(GROUP).value();
        List<ClassEvening> evenings = new ArrayList<>();
        for (int i = 0; i < TAUGHT.size(); i++) {
            LocalDate day = today.minusWeeks(TAUGHT.size() - 1L - i);
            ClassEvening evening = evening(group, day, i);
            evenings.add(i + 1 < TAUGHT.size() ? danced(evening, evenings) : evening);
        }
        classes.furnish(
                evenings.stream()
                        .map(evening ->
                                classes.traits().format().toJson(evening).toString())
                        .toList(),
                Optional.empty());
    }

    /** On each earlier evening another one was away. */
    private static ClassEvening evening(Group group, LocalDate day, int number) {
        List<Person> people = new ArrayList<>();
        for (int i = 0; i < group.members().size(); i++) {
            if (number + 1 < TAUGHT.size() && i == 2 * number + 1) continue;
            Group.Member member = group.members().get(i);
            people.add(new Person(member.dancer(), Set.copyOf(member.roles())));
        }
        return new ClassEvening(
                day.atTime(19, 0),
                Optional.of(new ClassEvening.Course(GROUP, group.name())),
                "Hall one",
                List.of(TAUGHT.get(number)),
                new ClassEvening.Pace(OptionalDouble.of(TEMPO), 1, TIMES),
                ROUNDS,
                people,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                "");
    }

    private static ClassEvening danced(ClassEvening evening, List<ClassEvening> before) {
        Rotation rotation = Rotations.plan(evening.evening(ClassEvening.history(before)));
        List<ClassEvening.Danced> rounds = new ArrayList<>();
        for (int i = 0; i < rotation.rounds().size(); i++) {
            rounds.add(new ClassEvening.Danced(
                    rotation.rounds().get(i).pairs(),
                    rotation.rounds().get(i).waiting(),
                    evening.material().get(0).id(),
                    OptionalDouble.of(evening.tempo(i, TEMPO))));
        }
        return new ClassEvening(
                evening.at(),
                evening.group(),
                evening.where(),
                evening.material(),
                evening.pace(),
                evening.rounds(),
                evening.people(),
                evening.apart(),
                evening.together(),
                evening.changes(),
                rounds,
                List.of(),
                evening.note());
    }
}
