package fluidframe.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.couple.Role;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class CourseTest {
    private static final Entry.Subject SPIN =
            new Entry.Subject("figure", "waltz.natural-spin-turn", "Natural spin turn");
    private static final Instant FIRST = Instant.parse("2026-10-05T18:00:00Z");

    private final List<Logged> log = new ArrayList<>();

    private CourseTest run(int day, String... seenAndCue) {
        String key = "run " + log.size();
        Entry.Run run = new Entry.Run(key, 0, 6, OptionalDouble.of(24 + day / 7.0), Entry.Part.BOTH, false);
        Instant at = FIRST.plus(Duration.ofDays(day)).plusSeconds(log.size());
        Optional<Entry.Fault> fault = seenAndCue.length == 0
                ? Optional.empty()
                : Optional.of(new Entry.Fault(
                        SPIN.id(),
                        SPIN.name(),
                        0,
                        Role.LADY,
                        5,
                        seenAndCue[0],
                        "",
                        seenAndCue.length > 1 ? seenAndCue[1] : ""));
        log.add(new Logged(at, new Entry(SPIN, run, fault, Entry.Whom.UNSAID)));
        return this;
    }

    private CourseTest runs(int count, int day, String... seenAndCue) {
        for (int i = 0; i < count; i++) run(day, seenAndCue);
        return this;
    }

    private List<Course> courses() {
        return Course.of(Danced.of(log), Course.FigureDanced.alone(), ZoneOffset.UTC, 40);
    }

    @Test
    void theCueAfterWhichAFaultBecameRarerIsNamedWithItsNumbers() {
        runs(6, 0, "Heel early")
                .run(7, "heel  EARLY", "Wait for the knee")
                .runs(9, 14)
                .run(14, "Heel early");
        Course course = courses().get(0);
        assertThat(course.all()).isEqualTo(new Rate(8, 17));
        Course.CueTold helped = course.helped().orElseThrow();
        assertThat(helped.cue()).isEqualTo("Wait for the knee");
        assertThat(helped.since()).isEqualTo(LocalDate.of(2026, 10, 12));
        assertThat(helped.change().before()).isEqualTo(new Rate(6, 6));
        assertThat(helped.change().after()).isEqualTo(new Rate(1, 10));
        assertThat(helped.betterNextTime()).hasValue(true);
        assertThat(course.change().verdict()).isEqualTo(Change.Verdict.RARER);
    }

    @Test
    void aCueIsNotPraisedForWhatFewRunsCannotSay() {
        runs(2, 0, "Heel early").run(1, "Heel early", "Wait").runs(2, 2);
        Course course = courses().get(0);
        assertThat(course.helped()).isEmpty();
        assertThat(course.cues().get(0).betterNextTime()).hasValue(true);
    }

    /** The run in which a cue was given has the fault by nature, and must not make the time before look worse. */
    @Test
    void theRunInWhichACueWasGivenCountsForNeitherSide() {
        runs(3, 0).run(1, "Heel early", "Wait").runs(3, 2);
        Course.CueTold cue = courses().get(0).cues().get(0);
        assertThat(cue.change().before()).isEqualTo(new Rate(0, 3));
        assertThat(cue.change().after()).isEqualTo(new Rate(0, 3));
        assertThat(cue.change().verdict()).isEqualTo(Change.Verdict.UNSURE);
    }

    @Test
    void whereManyCuesWereTriedOneOfThemMustDoMoreToBePraised() {
        runs(4, 0, "Heel early").run(7, "Heel early", "Wait").runs(5, 8);
        assertThat(courses().get(0).helped()).isPresent();
        log.clear();
        runs(4, 0, "Heel early").run(7, "Heel early", "Wait");
        for (String cue : List.of("Softer", "Later", "Knee first", "Breathe", "Listen", "Lower", "Higher", "Longer"))
            run(7, "Heel early", cue);
        runs(5, 8);
        assertThat(courses().get(0).cues()).hasSize(9);
        assertThat(courses().get(0).helped().map(Course.CueTold::cue)).isNotEqualTo(Optional.of("Wait"));
    }

    @Test
    void weeksBeginOnMondayAndCountOnlyThoseDanced() {
        runs(2, 0, "Heel early").runs(1, 6).runs(4, 15, "Heel early");
        assertThat(courses().get(0).weeks())
                .containsExactly(
                        new Course.Week(LocalDate.of(2026, 10, 5), new Rate(2, 3)),
                        new Course.Week(LocalDate.of(2026, 10, 19), new Rate(4, 4)));
    }

    @Test
    void whatWasSeenThreeWeeksAgoWeighsHalf() {
        run(0, "Heel early").run(21);
        Instant now = FIRST.plus(Duration.ofDays(21)).plusSeconds(1);
        Heat heat = Heat.of(Danced.of(log), run -> true, run -> !run.isClean(), now);
        assertThat(heat.rate()).isEqualTo(new Rate(1, 2));
        assertThat(heat.warmth()).isCloseTo(0.5 / 1.5, within(0.001));
        assertThat(Heat.of(List.of(), run -> true, run -> true, now).warmth()).isZero();
    }

    @Test
    void fourCleanRunsAreCleanAndThreeAreNotYet() {
        runs(3, 0);
        assertThat(Standing.of(Danced.of(log)).isClean()).isFalse();
        run(1);
        assertThat(Standing.of(Danced.of(log)).isClean()).isTrue();
        run(2, "Heel early");
        assertThat(Standing.of(Danced.of(log)).isClean()).isFalse();
    }

    @Test
    void theTempoDancedCleanHasATrendAWeek() {
        runs(2, 0).runs(2, 7).run(14, "Heel early").runs(2, 14);
        Standing standing = Standing.all(Danced.of(log)).get(0);
        assertThat(standing.fastestClean()).hasValue(26);
        assertThat(standing.tempo().orElseThrow().slope()).isCloseTo(1, within(0.01));
        assertThat(standing.parts()).isEqualTo(new Standing.Parts(7, 0, 0));
    }
}
