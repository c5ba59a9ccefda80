package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Teaching;
import fluidframe.core.couple.Role;
import fluidframe.core.exercise.Aid;
import fluidframe.core.exercise.Exercises;
import fluidframe.core.exercise.SetUp;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.text.Format;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StarterExercisesTest {
    private static final List<String> MET = List.of(
            "arm-ring: He winds her",
            "arm-ring: She is turned by the arm",
            "arm-ring: She turns away from his hand",
            "arm-ring: She turns round his hand instead of under it",
            "arm-ring: The arm winds round her neck",
            "back-walk-latin: He falls back over his heels",
            "bota-fogo-box: The foot on the a travels",
            "bota-fogo-box: The turn is made before the step",
            "bounce-small: The bounce goes up",
            "bounce-small: The bounce is in the shoulders",
            "bounce-small: The head bobs",
            "bounce-small: The locks bounce up",
            "cape-walk: She cuts the circle behind him",
            "cape-walk: The circle is an egg",
            "chasse-in-a-square: The chasse comes back late",
            "chasse-in-a-square: The chasse is late",
            "chasse-in-a-square: The chasse runs away",
            "chasse-in-a-square: The chasse runs wide",
            "chasse-in-a-square: The second chasse is late",
            "chasse-pointing: The chasse drops",
            "chasse-pointing: The chasse swings open",
            "check-and-return: The check runs away",
            "check-and-return: The check sinks",
            "close-in-three: The cross is late",
            "close-in-three: The feet close late",
            "count-two-ways: He rushes into the feather",
            "count-two-ways: It hurries",
            "count-two-ways: The close hurries",
            "count-two-ways: The couple hurries",
            "count-two-ways: The second half hurries",
            "count-two-ways: The slows are hurried",
            "cuban-break-ladder: The breaks sink into the knees",
            "cuban-break-ladder: The steps grow out of time",
            "drag-and-stand: The foot arrives too soon",
            "drag-and-stand: The shape collapses",
            "fallaway-in-one-line: The hips part in the fallaway",
            "fallaway-in-one-line: The hips separate in fallaway",
            "feather-beside-a-chair: He squeezes past on three",
            "feather-beside-a-chair: She is squeezed off his right side going back",
            "feather-beside-a-chair: The feather is squeezed",
            "flicks-low: The flicks kick the partner",
            "foot-rise: He rises before the turn is made",
            "forward-walk-latin: The feet part",
            "forward-walk-latin: The heel is put down first",
            "freeze: He loses balance backwards",
            "heel-turn-alone: She cannot close her heels",
            "heel-turn-alone: She is pulled off her heel on two",
            "heel-turn-alone: She is pulled off her heel turn",
            "hip-and-knee: The hip is thrown",
            "hip-and-knee: The steps are even",
            "hip-twist-between-hands: The twist is lost",
            "hip-twist-between-hands: The twist is made with the knees",
            "hip-twist-between-hands: The twists run into each other",
            "jive-arm-tone: She is flung",
            "jive-arm-tone: She is pulled against him",
            "jive-arm-tone: She is thrown",
            "jive-triples: The chasse grows too wide",
            "jive-triples: The chasse is flat",
            "jive-triples: The triple is rushed",
            "line-and-back: Her back breaks",
            "line-and-back: The line leans to the back",
            "lock-in-promenade-line: The first lock opens",
            "lock-in-promenade-line: The lock is bumpy",
            "lock-step-in-place: The lock opens into two steps",
            "lock-step-in-place: The second lock comes late",
            "march-and-appel: The appel is forgotten",
            "march-and-appel: The appel shakes the hold",
            "pivot-in-pairs: The cross blocks the pivot",
            "pivot-in-pairs: The pivot opens",
            "pivot-in-pairs: The pivot travels sideways",
            "pivot-in-pairs: The pivots run away",
            "pivot-in-pairs: The slip pivot becomes a step round",
            "promenade-and-close: She arrives late in promenade",
            "promenade-and-close: She is left in promenade on two",
            "promenade-and-close: The head turns before the feet",
            "promenade-and-close: The promenade is too wide",
            "quick-feet: The run bounces",
            "rock-and-replace: The rock is late",
            "rock-and-replace: The rock jerks the arms",
            "rock-and-replace: The rock opens too far",
            "rock-and-replace: The rocks change to the wrong foot",
            "samba-on-the-spot: The bounce dies on the a",
            "samba-on-the-spot: The second half is flat",
            "samba-walk-slip: The slip is a jump",
            "samba-walk-slip: The slip is lost",
            "samba-walk-slip: The slip is missing",
            "samba-walk-slip: The walk does not travel",
            "same-foot-change: Both change, or neither",
            "same-foot-change: The change of feet is felt as a stumble",
            "same-foot-change: The feet are changed late",
            "settle-to-move: Her shoulders turn with the hips",
            "shapes-match: Shoulders pulled level too early",
            "side-step-under-the-hip: The close is skipped",
            "spin-and-see: She falls out of the spin",
            "spin-and-see: She spins off her place",
            "spin-and-see: She spins off the line",
            "spiral-against-a-wall: She falls out of the spiral",
            "spiral-against-a-wall: The spiral falls back",
            "spot-turn-on-a-coin: The turn overruns",
            "spot-turn-on-a-coin: The turn travels",
            "swing-and-stop: He falls away from her on three",
            "swing-and-stop: He falls back out of the spin",
            "swing-and-stop: The body stops dead",
            "swing-and-stop: The third step falls back behind him",
            "tall-and-lowered: The hips fall back in the cross",
            "tango-into-the-floor: It rises",
            "tango-into-the-floor: It swings",
            "tango-into-the-floor: The walk bounces",
            "tango-stop: The last close is soft",
            "tango-stop: The turn to promenade is soft",
            "three-step-rise: The second step is short",
            "through-each-other: She is driven back",
            "turning-by-degrees: She drifts from turn to turn",
            "turning-by-degrees: She has not turned in time",
            "turning-by-degrees: The turn back is late",
            "turning-by-degrees: The turn drifts",
            "turning-by-degrees: The turn drifts towards the partner",
            "turning-by-degrees: The turn is late",
            "turning-by-degrees: The turn out is late",
            "turning-by-degrees: The turn stalls",
            "turning-by-degrees: The turn to the wall is late",
            "twist-on-a-cloth: He falls off the twist",
            "viennese-on-two-lines: The couple drifts to the wall",
            "viennese-on-two-lines: The couple runs to the centre",
            "volta-on-a-drum: The couple jumps along",
            "volta-on-a-drum: The crosses are late",
            "volta-on-a-drum: The crosses open",
            "walk-from-the-hip: The promenade step is short",
            "walking-on-two-tracks: She steps on his foot",
            "whip-round-a-post: The couple drifts",
            "whip-round-a-post: The couple travels");
    private static final Exercises SHIPPED = new Exercises(
            read(StarterExercises.drills(), DrillFormat.DRILL), read(StarterExercises.cards(), CardFormat.CARD));

    private static <T> List<Exercises.Shelved<T>> read(JsonNode all, Format<T> format) {
        List<Exercises.Shelved<T>> read = new ArrayList<>();
        all.forEach(one -> read.add(new Exercises.Shelved<>(
                one.get("id").asText(),
                format.read(one).orThrow(problems -> new IllegalStateException(problems.toString())))));
        return read;
    }

    private static Optional<String> against(String figure, String seen) {
        return SHIPPED.against(seen, Optional.of(chart(figure).dance()), false).map(Aid::id);
    }

    private static Chart chart(String id) {
        return ShippedLibrary.load().stream()
                .filter(chart -> chart.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDrillIsProposedOnlyForWhatItSaysItIsAgainst() {
        assertThat(against("waltz.natural-spin-turn", "heel early")).contains("heel-against-resistance");
        assertThat(against("waltz.natural-spin-turn", "The pivot travels sideways"))
                .contains("pivot-in-pairs");
        assertThat(against("rumba.closed-hip-twist", "hips forced")).contains("settle-to-move");
        assertThat(against("jive.link", "rocks too far")).contains("rock-and-replace");
        assertThat(against("jive.link", "heel early")).isEmpty();
        assertThat(against("waltz.natural-turn", "The partner is pulled over on the second bar"))
                .isEmpty();
        assertThat(against("rumba.fan", "She ends behind his arm")).isEmpty();
    }

    @Test
    void ofAllFaultsOfTheLibraryTheseAreMetByADrill() {
        StringBuilder met = new StringBuilder();
        for (Chart chart : ShippedLibrary.load()) {
            for (Teaching.Fault fault : chart.teaching().faults()) {
                SHIPPED.against(fault.seen(), Optional.of(chart.dance()), false)
                        .ifPresent(aid -> met.append(aid.id())
                                .append(": ")
                                .append(fault.seen())
                                .append('\n'));
            }
        }
        assertThat(met.toString().lines().distinct().sorted()).containsExactlyElementsOf(MET);
    }

    @Test
    void aFigureBeginsWithTheCardOfItsOwnDanceAndHold() {
        for (Chart chart : ShippedLibrary.load()) {
            SHIPPED.standing(chart.start(), chart.dance()).ifPresent(aid -> {
                SetUp card = SHIPPED.cards().stream()
                        .filter(one -> one.id().equals(aid.id()))
                        .findFirst()
                        .orElseThrow()
                        .value();
                assertThat(card.dances()).contains(chart.dance());
                assertThat(card.positions()).contains(chart.start().position());
                if (!card.holds().isEmpty())
                    assertThat(card.holds()).contains(chart.start().hold());
            });
        }
        assertThat(begins("waltz.natural-turn")).contains("closed-hold-with-contact");
        assertThat(begins("tango.closed-promenade")).contains("promenade-position");
        assertThat(begins("jive.link")).contains("open-one-hand");
        assertThat(begins("east-coast-swing.basic")).contains("jive-hold");
        assertThat(begins("samba.natural-roll")).contains("samba-roll-hold");
    }

    @Test
    void everyPositionAndHoldThatAChartTakesHasACardOfItsDance() {
        List<SetUp> cards =
                SHIPPED.cards().stream().map(Exercises.Shelved::value).toList();
        for (Chart chart : ShippedLibrary.load()) {
            List<SetUp> own = cards.stream()
                    .filter(card -> card.dances().contains(chart.dance()))
                    .toList();
            assertThat(own)
                    .as(chart.id() + " begins")
                    .anyMatch(card -> card.positions().contains(chart.start().position()));
            for (Role role : Role.values()) {
                for (Step step : chart.steps(role)) {
                    step.position()
                            .ifPresent(taken -> assertThat(own)
                                    .as(chart.id() + " takes " + taken)
                                    .anyMatch(card -> card.positions().contains(taken)));
                    step.hold()
                            .ifPresent(taken -> assertThat(own)
                                    .as(chart.id() + " takes " + taken)
                                    .anyMatch(card -> card.holds().contains(taken)));
                }
            }
        }
    }

    private static Optional<String> begins(String figure) {
        return SHIPPED.standing(chart(figure).start(), chart(figure).dance()).map(Aid::id);
    }
}
