package fluidframe.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Role;
import fluidframe.core.lesson.Topic;
import fluidframe.core.log.Danced;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Rate;
import fluidframe.core.log.Standing;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class MattersTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T18:00:00Z");
    private static final Topic.Weak LATE = new Topic.Weak("lady", 2, "late", "listen", new Rate(4, 8));
    private static final Topic.Weak WITHIN =
            new Topic.Weak("man", 3, "heel early", "", new Rate(2, 8), "waltz.whisk", "Whisk");

    /** Runs on days one after the other, of which some at the end are clean at these tempos. */
    private static Standing standing(String kind, int faulty, double... clean) {
        Entry.Subject subject = new Entry.Subject(kind, "waltz.whisk", "Whisk");
        List<Danced> runs = new ArrayList<>();
        for (int i = 0; i < faulty; i++) runs.add(run(subject, i, 20, List.of(fault())));
        for (int i = 0; i < clean.length; i++) runs.add(run(subject, faulty + i, clean[i], List.of()));
        return Standing.of(runs);
    }

    private static Danced run(Entry.Subject subject, int day, double tempo, List<Entry.Fault> faults) {
        Instant at = MONDAY.plusSeconds(86_400L * day);
        return new Danced(at, subject, new Entry.Run("key" + day, 0, 3, tempo), faults);
    }

    private static Entry.Fault fault() {
        return new Entry.Fault("waltz.whisk", "Whisk", 0, Role.LADY, 2, "late", "", "");
    }

    private static Topic topic(String kind, Optional<Standing> standing, List<Topic.Weak> weak) {
        return new Topic(kind, "waltz.whisk", "Whisk", false, standing, weak, OptionalDouble.of(28), "");
    }

    private static Matter only(Topic topic, boolean promised) {
        List<Matter> matters = Matters.of(topic, Emphasis.USUAL, promised, ZoneOffset.UTC);
        assertThat(matters).hasSize(1);
        return matters.get(0);
    }

    @Test
    void whatWasNeverDancedIsNew() {
        Matter matter = only(topic("figure", Optional.empty(), List.of()), false);
        assertThat(matter.purpose()).isEqualTo(Purpose.NEW);
        assertThat(matter.last()).isEmpty();
        assertThat(matter.clean()).isEmpty();
    }

    @Test
    void aFaultIsWorkedOnAtItsStepTheMoreTheOftenerItIsSeen() {
        Matter matter = only(topic("figure", Optional.of(standing("figure", 4, 24, 26, 25)), List.of(LATE)), false);
        assertThat(matter.purpose()).isEqualTo(Purpose.WEAK);
        assertThat(matter.row()).isEqualTo(2);
        assertThat(matter.role()).isEqualTo("lady");
        assertThat(matter.why()).isEqualTo("late ({lady}, step 2, 4 of 8 runs): listen");
        assertThat(matter.need()).isEqualTo(7);
        // The tempo last danced clean, not the fastest ever.
        assertThat(matter.clean()).hasValue(25);
        assertThat(matter.last()).contains(LocalDate.of(2026, 3, 8));
    }

    @Test
    void whatIsCleanIsKeptUnlessItIsTooSlow() {
        Matter kept = only(topic("figure", Optional.of(standing("figure", 0, 28, 28, 28, 28, 28)), List.of()), false);
        assertThat(kept.purpose()).isEqualTo(Purpose.KEEP);
        Matter slow = only(topic("figure", Optional.of(standing("figure", 0, 24, 24, 24, 24, 24)), List.of()), false);
        assertThat(slow.purpose()).isEqualTo(Purpose.WEAK);
        assertThat(slow.why()).contains("not yet at the tempo");
    }

    @Test
    void whatWasPromisedIsNeededMoreAndSaysSo() {
        Topic topic = topic("figure", Optional.of(standing("figure", 0, 28, 28, 28, 28, 28)), List.of());
        assertThat(only(topic, true).need()).isEqualTo(only(topic, false).need() + 2);
        assertThat(only(topic, true).why()).endsWith("promised at the last lesson");
    }

    @Test
    void aRoutineIsRunThroughAndItsWeakFiguresAreWorkedOn() {
        Topic topic = topic("routine", Optional.of(standing("routine", 2, 28)), List.of(WITHIN));
        List<Matter> matters = Matters.of(topic, Emphasis.MORE, false, ZoneOffset.UTC);
        assertThat(matters).extracting(Matter::purpose).containsExactly(Purpose.RUN, Purpose.WEAK);
        assertThat(matters.get(1).kind()).isEqualTo("figure");
        assertThat(matters.get(1).why()).isEqualTo("heel early ({man}, step 3, 2 of 8 runs), in Whisk");
        assertThat(matters).allSatisfy(matter -> assertThat(matter.emphasis()).isEqualTo(Emphasis.MORE));
    }

    @Test
    void aDrillIsThereBecauseItWasAskedFor() {
        Matter drill = Matters.drill("swivels", "Swivels", Emphasis.LESS);
        assertThat(drill.key()).isEqualTo("drill:swivels");
        assertThat(drill.wanted()).isEmpty();
    }
}
