package fluidframe.core.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.Role;
import fluidframe.core.rotation.Evening;
import fluidframe.core.rotation.Pair;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Rotation;
import fluidframe.core.rotation.Rotations;
import fluidframe.core.rotation.Round;
import fluidframe.core.rotation.Two;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ClassEveningTest {
    private static final ClassEvening.Material WHISK = new ClassEvening.Material("figure", "whisk", "Whisk");
    private static final ClassEvening.Material WING = new ClassEvening.Material("figure", "wing", "Wing");

    private static Person man(String id) {
        return new Person(id, Set.of(Role.MAN));
    }

    private static Person lady(String id) {
        return new Person(id, Set.of(Role.LADY));
    }

    private static ClassEvening evening(List<Person> people, List<ClassEvening.Danced> danced) {
        return new ClassEvening(
                LocalDateTime.of(2026, 3, 5, 19, 0),
                Optional.empty(),
                "",
                List.of(WHISK, WING),
                new ClassEvening.Pace(OptionalDouble.of(26), 1, 4),
                6,
                people,
                List.of(),
                List.of(),
                List.of(new ClassEvening.Change(2, "wing", OptionalDouble.of(22), "", true)),
                danced,
                List.of(),
                "");
    }

    private static ClassEvening.Danced danced(Round round) {
        return new ClassEvening.Danced(round.pairs(), round.waiting(), "whisk", OptionalDouble.empty());
    }

    @Test
    void theTempoGoesUpRoundByRoundUnlessARoundHasItsOwn() {
        ClassEvening evening = evening(List.of(), List.of());
        assertThat(evening.tempo(0, 28)).isEqualTo(26);
        assertThat(evening.tempo(1, 28)).isEqualTo(27);
        assertThat(evening.tempo(2, 28)).isEqualTo(22);
        assertThat(evening.tempo(3, 28)).isEqualTo(29);
        assertThat(evening.material(1)).contains(WHISK);
        assertThat(evening.material(2)).contains(WING);
    }

    @Test
    void whoComesLateChangesOnlyWhatHasNotBeenDanced() {
        List<Person> people = new ArrayList<>(List.of(man("a"), man("b"), lady("c"), lady("d")));
        Rotation before = Rotations.plan(evening(people, List.of()).evening(Evening.History.NONE));
        List<ClassEvening.Danced> danced = before.rounds().subList(0, 2).stream()
                .map(ClassEveningTest::danced)
                .toList();
        people.add(new Person("late", Set.of(Role.LADY), 2, Integer.MAX_VALUE));
        Rotation after = Rotations.plan(evening(people, danced).evening(Evening.History.NONE));
        assertThat(after.rounds().subList(0, 2)).isEqualTo(before.rounds().subList(0, 2));
        assertThat(after.rounds().subList(2, 6))
                .anyMatch(round ->
                        round.pairs().stream().anyMatch(pair -> pair.lady().equals("late")));
    }

    @Test
    void twoEveningsOfACourseAreOneProblem() {
        List<Person> people =
                List.of(man("a"), man("b"), man("c"), man("d"), lady("e"), lady("f"), lady("g"), lady("h"));
        ClassEvening first = evening(people, List.of());
        List<Round> rounds =
                Rotations.plan(first.evening(Evening.History.NONE)).rounds().subList(0, 2);
        ClassEvening given =
                evening(people, rounds.stream().map(ClassEveningTest::danced).toList());
        Evening.History history = ClassEvening.history(List.of(given));
        assertThat(history.met()).hasSize(8).containsValue(1);
        List<Round> next =
                Rotations.plan(evening(people, List.of()).evening(history)).rounds();
        for (Round round : next.subList(0, 2)) {
            for (Pair pair : round.pairs()) assertThat(history.met()).doesNotContainKey(pair.two());
        }
    }

    @Test
    void somebodyForgottenLeavesEmptyPlaces() {
        ClassEvening evening = evening(
                List.of(man("a"), lady("b"), lady("c")),
                List.of(danced(new Round(List.of(new Pair("a", "b")), List.of("c")))));
        ClassEvening without = evening.without("b");
        assertThat(without.people()).extracting(Person::id).containsExactly("a", "c");
        assertThat(without.danced().get(0).pairs()).isEmpty();
        assertThat(without.danced().get(0).waiting()).containsExactly("c");
        assertThat(ClassEvening.history(List.of(without)).met()).isEqualTo(Map.<Two, Integer>of());
        assertThat(Rotations.plan(without.evening(Evening.History.NONE)).rounds())
                .hasSize(6);
    }

    @Test
    void whatCannotBeIsRefusedAndSaysWhy() {
        List<Person> people = List.of(man("a"), lady("b"));
        assertThatThrownBy(() -> evening(people, List.of(danced(new Round(List.of(new Pair("a", "z")), List.of())))))
                .hasMessage("z danced or waited in round 1, but is not among those who came");
        assertThatThrownBy(() -> evening(people, List.of(danced(new Round(List.of(new Pair("a", "b")), List.of("a"))))))
                .hasMessage("a is in round 1 twice");
        assertThatThrownBy(() -> new ClassEvening.Pace(OptionalDouble.empty(), 11, 2))
                .hasMessageContaining("0 to 10");
        assertThatThrownBy(() -> new ClassEvening.Pace(OptionalDouble.empty(), 0, 0))
                .hasMessageContaining("1 to 50");
    }
}
