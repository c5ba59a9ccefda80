package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Teaching;
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
            "bounce-small: The bounce dies on the a",
            "bounce-small: The bounce is in the shoulders",
            "bounce-small: The head bobs",
            "count-two-ways: The couple hurries",
            "count-two-ways: The triple is rushed",
            "flicks-low: The flicks kick the partner",
            "foot-rise: He rises before the turn is made",
            "heel-turn-alone: She cannot close her heels",
            "heel-turn-alone: She is pulled off her heel on two",
            "heel-turn-alone: She is pulled off her heel turn",
            "lock-step-in-place: The lock opens into two steps",
            "lock-step-in-place: The second lock comes late",
            "march-and-appel: The appel shakes the hold",
            "pivot-in-pairs: The pivot opens",
            "pivot-in-pairs: The pivot travels sideways",
            "pivot-in-pairs: The pivots run away",
            "promenade-and-close: She arrives late in promenade",
            "promenade-and-close: She is left in promenade on two",
            "promenade-and-close: The head turns before the feet",
            "promenade-and-close: The promenade is too wide",
            "rock-and-replace: The rock jerks the arms",
            "rock-and-replace: The rock opens too far",
            "settle-to-move: Her shoulders turn with the hips",
            "shapes-match: Shoulders pulled level too early",
            "spiral-against-a-wall: She falls out of the spiral",
            "swing-and-stop: He falls away from her on three",
            "swing-and-stop: He falls back out of the spin",
            "swing-and-stop: The body stops dead",
            "swing-and-stop: The third step falls back behind him",
            "turning-by-degrees: She has not turned in time",
            "turning-by-degrees: The turn drifts",
            "turning-by-degrees: The turn drifts towards the partner",
            "turning-by-degrees: The turn is late",
            "turning-by-degrees: The turn stalls");
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
        assertThat(begins("east-coast-swing.basic")).isEmpty();
    }

    private static Optional<String> begins(String figure) {
        return SHIPPED.standing(chart(figure).start(), chart(figure).dance()).map(Aid::id);
    }
}
