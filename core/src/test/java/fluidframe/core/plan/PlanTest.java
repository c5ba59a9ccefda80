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
        assertThatThrownBy(() -> new Weights(11, 0, 0, 0, 0, 0, 0)).hasMessageContaining("0 to 10, but was 11");
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
        Condition.Lasts oneBar = new Condition.Lasts(1);
        assertThat(composer.compose(Plan.of(1).requiring(TURN)).contradiction())
                .containsExactly(new Condition.Required(TURN), oneBar);
        assertThat(composer.compose(Plan.of(1).beginning(Optional.of(TURN))).contradiction())
                .containsExactly(new Condition.Begins(TURN), oneBar);
        assertThat(composer.compose(Plan.of(1).ending(Optional.of(TURN))).contradiction())
                .containsExactly(new Condition.Ends(TURN), oneBar);
        assertThat(composer.compose(Plan.of(1).closing(true)).contradiction())
                .containsExactly(new Condition.Closes(), oneBar);
        assertThat(composer.compose(Plan.of(1).allowing(Set.of(TURN))).contradiction())
                .containsExactly(new Condition.Chosen(Set.of(TURN)), oneBar);
        assertThat(composer.compose(Plan.of(1).limiting(Map.of(WHISK, 0))).contradiction())
                .containsExactly(new Condition.Limited(WHISK, 0), oneBar);
        assertThat(composer.compose(Plan.of(7)).contradiction()).containsExactly(new Condition.Lasts(7));
    }

    @Test
    void aConditionIsSaidWithTheNamesOfItsFigures() {
        Course course = Course.along(new Hall(24, 14, Point.ORIGIN));
        Plan plan = Plan.of(1)
                .requiring(TURN, TURN)
                .beginning(Optional.of(WHISK))
                .along(Optional.of(course))
                .closing(true);
        assertThat(Condition.of(plan).stream().map(condition -> condition.words(id -> "“" + id + "”")))
                .containsExactly(
                        "“" + TURN + "” must be danced",
                        "“" + TURN + "” must be danced",
                        "it begins with “" + WHISK + "”",
                        "it takes the way round the floor: 19.0 m, 9.0 m",
                        "it can be danced again from its end");
        assertThat(Condition.of(plan).get(0).without(plan).required()).containsExactly(TURN);
    }

    @Test
    void goesAlongASideAsFarAsTheCornersLeaveRoom() {
        assertThat(Course.along(new Hall(24, 14, Point.ORIGIN)).sides()).containsExactly(19.0, 9.0);
        assertThat(Course.along(new Hall(100, 4, Point.ORIGIN)).sides()).containsExactly(60.0, 2.0);
    }
}
