package fluidframe.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RotationsTest {
    private static final Set<Role> BOTH = Set.of(Role.MAN, Role.LADY);

    private static List<Person> people(int men, int ladies, int both) {
        List<Person> people = new ArrayList<>();
        for (int i = 0; i < men; i++) people.add(new Person("m" + i, Set.of(Role.MAN)));
        for (int i = 0; i < ladies; i++) people.add(new Person("l" + i, Set.of(Role.LADY)));
        for (int i = 0; i < both; i++) people.add(new Person("b" + i, BOTH));
        return people;
    }

    private static Rotation plan(int men, int ladies, int both, int rounds) {
        return Rotations.plan(new Evening(people(men, ladies, both), rounds));
    }

    private static Map<Two, Integer> meetings(List<Round> rounds) {
        Map<Two, Integer> met = new HashMap<>();
        rounds.forEach(round -> round.pairs().forEach(pair -> met.merge(pair.two(), 1, Integer::sum)));
        return met;
    }

    private static Map<String, Integer> waits(List<Round> rounds) {
        Map<String, Integer> waits = new HashMap<>();
        rounds.forEach(round -> round.waiting().forEach(one -> waits.merge(one, 1, Integer::sum)));
        return waits;
    }

    /** Whatever is planned: everybody who is there dances once or waits, in a role that is theirs, with nobody kept apart. */
    private static void isSound(Evening evening, Rotation rotation) {
        Map<String, Person> byId = evening.people().stream().collect(Collectors.toMap(Person::id, one -> one));
        assertThat(rotation.rounds()).hasSize(evening.rounds());
        for (int nth = evening.done().size(); nth < evening.rounds(); nth++) {
            Round round = rotation.rounds().get(nth);
            int at = nth;
            List<String> seen = new ArrayList<>(round.waiting());
            for (Pair pair : round.pairs()) {
                seen.add(pair.man());
                seen.add(pair.lady());
                assertThat(byId.get(pair.man()).roles()).contains(Role.MAN);
                assertThat(byId.get(pair.lady()).roles()).contains(Role.LADY);
                assertThat(evening.apart()).doesNotContain(pair.two());
            }
            assertThat(seen)
                    .containsExactlyInAnyOrderElementsOf(evening.people().stream()
                            .filter(person -> person.isThere(at))
                            .map(Person::id)
                            .toList());
        }
        assertThat(rotation.found().compareTo(rotation.bound())).isGreaterThanOrEqualTo(0);
    }

    @ParameterizedTest
    @CsvSource({"5,5,5", "5,5,12", "1,1,3", "12,12,12", "20,20,20", "6,4,12", "7,3,10", "9,8,20", "0,6,4", "3,11,9"})
    void fixedRolesAreRotatedAsWellAsCanBe(int men, int ladies, int rounds) {
        Rotation rotation = plan(men, ladies, 0, rounds);
        isSound(new Evening(people(men, ladies, 0), rounds), rotation);
        assertThat(rotation.proven()).isTrue();
        Map<Two, Integer> met = meetings(rotation.rounds());
        if (rounds <= Math.max(men, ladies)) assertThat(met.values()).allMatch(times -> times == 1);
        Map<String, Integer> waits = waits(rotation.rounds());
        String many = men >= ladies ? "m" : "l";
        List<Integer> shares = IntStream.range(0, Math.max(men, ladies))
                .mapToObj(i -> waits.getOrDefault(many + i, 0))
                .toList();
        assertThat(shares.stream().mapToInt(i -> i).max().orElse(0)
                        - shares.stream().mapToInt(i -> i).min().orElse(0))
                .isLessThanOrEqualTo(1);
        if (2 * Math.abs(men - ladies) <= Math.max(men, ladies))
            assertThat(rotation.found().running()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"6,5", "7,7", "12,11", "11,30", "2,3", "1,2"})
    void whereEverybodyDancesBothRolesEverybodyMeetsEverybody(int people, int rounds) {
        Rotation rotation = plan(0, 0, people, rounds);
        isSound(new Evening(people(0, 0, people), rounds), rotation);
        assertThat(rotation.proven()).isTrue();
        int all = people * (people - 1) / 2;
        int dances = rounds * (people / 2);
        assertThat(meetings(rotation.rounds())).hasSize(Math.min(all, dances));
        assertThat(meetings(rotation.rounds()).values()).allMatch(times -> times - dances / all <= 1);
    }

    /** By trying every plan there is. */
    @ParameterizedTest
    @CsvSource({
        "2,2,0,4", "3,3,0,3", "3,2,0,4", "4,4,0,2", "5,5,0,1", "4,3,0,3", "5,3,0,2", "1,1,1,4", "2,1,1,4", "1,2,2,3",
        "2,2,1,3", "0,0,4,4", "0,1,3,4", "3,1,1,3", "1,1,3,3", "5,4,0,2"
    })
    void nothingBetterIsFoundByTryingEveryPlan(int men, int ladies, int both, int rounds) {
        Evening evening = new Evening(people(men, ladies, both), rounds);
        Floor floor = new Floor(evening);
        Tally tally = new Tally(floor);
        Measure best = best(floor, tally, 0);
        Rotation rotation = Rotations.plan(evening);
        assertThat(rotation.found()).isEqualTo(best);
        assertThat(rotation.bound().waits()).isLessThanOrEqualTo(best.waits());
        assertThat(rotation.bound().meetings()).isLessThanOrEqualTo(best.meetings());
        assertThat(rotation.proven()).isTrue();
    }

    private static Measure best(Floor floor, Tally tally, int round) {
        if (round == floor.rounds()) return tally.measure();
        Measure best = null;
        for (Partners choice : everyChoice(
                floor, floor.setting(round).free(), floor.setting(round).waiting())) {
            tally.set(round, choice);
            Measure found = best(floor, tally, round + 1);
            if (best == null || found.compareTo(best) < 0) best = found;
        }
        tally.clear(round);
        return best;
    }

    private static List<Partners> everyChoice(Floor floor, List<Integer> free, int waiting) {
        if (free.isEmpty()) return waiting == 0 ? List.of(new Partners(List.of(), new BitSet())) : List.of();
        List<Partners> all = new ArrayList<>();
        int first = free.get(0);
        List<Integer> rest = free.subList(1, free.size());
        if (waiting > 0) {
            for (Partners more : everyChoice(floor, rest, waiting - 1)) {
                BitSet waits = (BitSet) more.waiting().clone();
                waits.set(first);
                all.add(new Partners(more.pairs(), waits));
            }
        }
        for (int other : rest) {
            if (!floor.may(first, other)) continue;
            List<Integer> left = rest.stream().filter(one -> one != other).toList();
            for (Partners more : everyChoice(floor, left, waiting)) {
                List<int[]> pairs = new ArrayList<>(more.pairs());
                pairs.add(new int[] {first, other});
                all.add(new Partners(pairs, more.waiting()));
            }
        }
        return all;
    }

    @Test
    void anyEveningIsSoundAndWaitsAreEven() {
        Random random = new Random(6);
        int proven = 0;
        for (int nth = 0; nth < 25; nth++) {
            List<Person> people = people(random.nextInt(9), random.nextInt(9), random.nextInt(7));
            if (people.size() < 2) continue;
            Set<Two> apart = new HashSet<>();
            if (nth % 3 == 0)
                apart.add(new Two(
                        people.get(0).id(), people.get(people.size() - 1).id()));
            Evening evening =
                    new Evening(people, 1 + random.nextInt(10), apart, Set.of(), List.of(), Evening.History.NONE);
            Rotation rotation = Rotations.plan(evening);
            isSound(evening, rotation);
            assertThat(rotation).isEqualTo(Rotations.plan(evening));
            // Somebody kept apart from all who are left to dance with waits more often than the others.
            if (apart.isEmpty())
                assertThat(rotation.found().waits()).isEqualTo(rotation.bound().waits());
            if (rotation.proven()) proven++;
        }
        assertThat(proven).isGreaterThan(12);
    }

    @Test
    void fortyDancersMeetNobodyTwiceBeforeTheyMust() {
        Rotation rotation = plan(14, 16, 10, 12);
        isSound(new Evening(people(14, 16, 10), 12), rotation);
        assertThat(meetings(rotation.rounds()).values()).allMatch(times -> times == 1);
        assertThat(waits(rotation.rounds())).isEmpty();
    }

    @Test
    void whoComesLateAndWhoLeavesChangesOnlyWhatIsNotYetDanced() {
        List<Person> people = people(6, 5, 0);
        Rotation first = Rotations.plan(new Evening(people, 8));
        List<Round> done = first.rounds().subList(0, 3);
        List<Person> then = new ArrayList<>(people);
        then.set(1, new Person("m1", Set.of(Role.MAN), 0, 3));
        then.add(new Person("late", Set.of(Role.LADY), 3, 8));
        Evening evening = new Evening(then, 8, Set.of(), Set.of(), done, Evening.History.NONE);
        Rotation again = Rotations.plan(evening);
        isSound(evening, again);
        assertThat(again.rounds().subList(0, 3)).isEqualTo(done);
        Map<Two, Integer> met = meetings(again.rounds());
        assertThat(IntStream.range(0, 6)
                        .filter(i -> i != 1)
                        .map(i -> met.getOrDefault(new Two("m" + i, "late"), 0))
                        .sum())
                .isBetween(4, 5);
        int late = waits(again.rounds().subList(3, 8)).getOrDefault("late", 0);
        assertThat(late).isLessThanOrEqualTo(1);
    }

    @Test
    void thoseKeptTogetherAlwaysDanceTogetherAndThoseKeptApartNever() {
        Set<Two> together = Set.of(new Two("m0", "l0"));
        Set<Two> apart = Set.of(new Two("m1", "l1"), new Two("m1", "l2"));
        Evening evening = new Evening(people(5, 5, 0), 6, apart, together, List.of(), Evening.History.NONE);
        Rotation rotation = Rotations.plan(evening);
        isSound(evening, rotation);
        assertThat(meetings(rotation.rounds()).get(new Two("m0", "l0"))).isEqualTo(6);
    }

    @Test
    void aSecondEveningGoesOnWhereTheFirstEnded() {
        Rotation first = plan(6, 6, 0, 3);
        Evening second = new Evening(
                people(6, 6, 0),
                3,
                Set.of(),
                Set.of(),
                List.of(),
                new Evening.History(meetings(first.rounds()), waits(first.rounds())));
        Rotation then = Rotations.plan(second);
        assertThat(then.proven()).isTrue();
        List<Round> both = new ArrayList<>(first.rounds());
        both.addAll(then.rounds());
        assertThat(meetings(both))
                .hasSize(36)
                .allSatisfy((two, times) -> assertThat(times).isEqualTo(1));
    }

    @Test
    void whatCannotBeIsRefusedAndNobodyAtAllIsNoEvening() {
        assertThat(plan(0, 0, 0, 3).rounds()).hasSize(3);
        assertThat(plan(1, 0, 0, 2).rounds().get(1).waiting()).containsExactly("m0");
        assertThatThrownBy(() -> new Evening(people(1, 1, 0), 0)).hasMessageContaining("1 to 100 rounds");
        assertThatThrownBy(() -> new Evening(List.of(new Person("a", BOTH), new Person("a", BOTH)), 2))
                .hasMessageContaining("twice");
        Set<Two> two = Set.of(new Two("a", "b"));
        assertThatThrownBy(() -> new Evening(people(1, 1, 0), 2, two, two, List.of(), Evening.History.NONE))
                .hasMessageContaining("apart and together");
    }

    @Test
    void whatHasBeenAnnouncedStaysForAsLongAsItCanBeDanced() {
        List<Person> people = people(4, 5, 2);
        List<Round> first = Rotations.plan(new Evening(people, 8)).rounds();
        List<Round> announced = new ArrayList<>(first.subList(1, 8));
        // Not the plan that is found anew, but one that people know.
        Collections.swap(announced, 1, 4);
        Evening after = new Evening(people, 8, Set.of(), Set.of(), first.subList(0, 1), Evening.History.NONE);
        Rotation kept = Rotations.plan(after, announced);
        assertThat(kept.rounds().subList(1, 8)).isEqualTo(announced);
        assertThat(kept.how()).isEqualTo(Rotation.How.ANNOUNCED);
        assertThat(Rotations.plan(after, announced.subList(0, 3)).rounds().subList(1, 4))
                .isEqualTo(announced.subList(0, 3));

        List<Person> later = new ArrayList<>(people);
        later.add(new Person("late", Set.of(Role.LADY), 3, Integer.MAX_VALUE));
        Evening withLate = new Evening(later, 8, Set.of(), Set.of(), first.subList(0, 1), Evening.History.NONE);
        Rotation changed = Rotations.plan(withLate, announced);
        isSound(withLate, changed);
        assertThat(changed.rounds().subList(1, 3)).isEqualTo(announced.subList(0, 2));
        assertThat(changed.rounds().subList(3, 8)).isNotEqualTo(announced.subList(2, 7));
        Pair pair = announced.get(0).pairs().get(0);
        Evening apart = new Evening(people, 8, Set.of(pair.two()), Set.of(), first.subList(0, 1), Evening.History.NONE);
        isSound(apart, Rotations.plan(apart, announced));
        List<Round> nonsense = List.of(new Round(List.of(new Pair("nobody", "x")), List.of()));
        isSound(after, Rotations.plan(after, nonsense));
    }

    @Test
    void theLargestClassIsAnsweredToo() {
        Evening evening = new Evening(people(30, 40, 30), 30);
        isSound(evening, Rotations.plan(evening));
    }
}
