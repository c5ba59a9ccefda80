package fluidframe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.floor.Point;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Hall;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlanTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(
            List.of(TestChart.whisk().chart(), TestChart.naturalTurn().chart()));
    private static final String WHISK = TestChart.whisk().chart().id();
    private static final String TURN = TestChart.naturalTurn().chart().id();

    @Test
    void tellsWhatIsOutsideItsRange() {
        assertThatThrownBy(() -> Plan.of(0)).hasMessageContaining("1 to 128 bars, but has 0");
        assertThatThrownBy(() -> Plan.of(8).wanting(21)).hasMessageContaining("1 to 20");
        assertThatThrownBy(() -> Plan.of(8).limiting(Map.of("a", -1))).hasMessageContaining("a is allowed -1");
        assertThatThrownBy(() -> new Weights(11, 0, 0, 0, 0)).hasMessageContaining("0 to 10, but was 11");
    }

    @Test
    void aFigureAloneIsARoutineOfItsOwnLength() {
        Composition found = Composer.of(REPERTOIRE, Dance.WALTZ).compose(Plan.of(1));
        assertThat(found.count()).isOne();
        assertThat(found.best().get(0).figures()).extracting(f -> f.figureId()).containsExactly(WHISK);
    }

    @Test
    void everyKindOfConditionCanBeTheOneThatContradicts() {
        Composer composer = Composer.of(REPERTOIRE, Dance.WALTZ);
        assertThat(composer.compose(Plan.of(1).requiring(TURN)).contradiction())
                .containsExactly(TURN + " must be danced", "it lasts 1 bar");
        assertThat(composer.compose(Plan.of(1).beginning(Optional.of(TURN))).contradiction())
                .containsExactly("it begins with " + TURN, "it lasts 1 bar");
        assertThat(composer.compose(Plan.of(1).ending(Optional.of(TURN))).contradiction())
                .containsExactly("it ends with " + TURN, "it lasts 1 bar");
        assertThat(composer.compose(Plan.of(1).closing(true)).contradiction())
                .containsExactly("it can be danced again from its end", "it lasts 1 bar");
        assertThat(composer.compose(Plan.of(1).allowing(Set.of(TURN))).contradiction())
                .containsExactly("only the figures chosen may be used", "it lasts 1 bar");
        assertThat(composer.compose(Plan.of(1).limiting(Map.of(WHISK, 0))).contradiction())
                .containsExactly(WHISK + " may be danced 0 times at most", "it lasts 1 bar");
        assertThat(composer.compose(Plan.of(7)).contradiction()).containsExactly("it lasts 7 bars");
    }

    @Test
    void goesAlongASideAsFarAsTheCornersLeaveRoom() {
        assertThat(Course.along(new Hall(24, 14, Point.ORIGIN)).sides()).containsExactly(19.0, 9.0);
        assertThat(Course.along(new Hall(100, 4, Point.ORIGIN)).sides()).containsExactly(60.0, 2.0);
    }
}
