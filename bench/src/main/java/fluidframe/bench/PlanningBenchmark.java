package fluidframe.bench;

import fluidframe.core.couple.Role;
import fluidframe.core.practice.Emphasis;
import fluidframe.core.practice.Matter;
import fluidframe.core.practice.Minutes;
import fluidframe.core.practice.PracticePlan;
import fluidframe.core.practice.Purpose;
import fluidframe.core.rotation.Evening;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Rotations;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The rounds of a class, and a plan of practice. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlanningBenchmark {
    private final Evening equal = evening(12, 12, 0, 12);
    private final Evening mixed = evening(10, 9, 5, 12);
    private final Evening uneven = evening(4, 5, 2, 8);
    private final PracticePlan.Wish practice = practice();

    private static Evening evening(int men, int ladies, int both, int rounds) {
        List<Person> people = new ArrayList<>();
        for (int i = 0; i < men; i++) people.add(new Person("m" + i, Set.of(Role.MAN)));
        for (int i = 0; i < ladies; i++) people.add(new Person("l" + i, Set.of(Role.LADY)));
        for (int i = 0; i < both; i++) people.add(new Person("b" + i, Set.of(Role.MAN, Role.LADY)));
        return new Evening(people, rounds);
    }

    private static PracticePlan.Wish practice() {
        List<Matter> matters = new ArrayList<>();
        Purpose[] purposes = {Purpose.NEW, Purpose.WEAK, Purpose.KEEP, Purpose.RUN};
        for (int i = 0; i < 12; i++) {
            Purpose purpose = purposes[i % purposes.length];
            matters.add(new Matter(
                    purpose == Purpose.RUN ? "routine" : "figure",
                    "matter-" + i,
                    "Matter " + i,
                    0,
                    "",
                    purpose,
                    2 + i % 8,
                    Emphasis.USUAL,
                    OptionalDouble.of(24),
                    OptionalDouble.of(29),
                    Optional.empty(),
                    "because"));
        }
        Map<DayOfWeek, Integer> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) week.put(day, 60);
        LocalDate today = LocalDate.of(2026, 3, 2);
        return new PracticePlan.Wish(today, today.plusDays(28), new Minutes(week, Map.of()), matters, List.of());
    }

    /** Twelve and twelve over twelve rounds. */
    @Benchmark
    public Object rotateTwentyFourOfEqualNumbers() {
        return Rotations.plan(equal);
    }

    /** Ten, nine and five who dance either role, over twelve rounds. */
    @Benchmark
    public Object rotateTwentyFourOfMixedRoles() {
        return Rotations.plan(mixed);
    }

    /** Eleven of whom two dance either role, over eight rounds. */
    @Benchmark
    public Object rotateEleven() {
        return Rotations.plan(uneven);
    }

    /** Twelve matters over four weeks with an hour a day. */
    @Benchmark
    public Object practiseForFourWeeks() {
        return PracticePlan.of(practice);
    }
}
