package fluidframe.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Chart;
import fluidframe.core.check.RuleBook;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Sheet;
import org.junit.jupiter.api.Test;

class ChartMakerTest {
    @Test
    void theOppositeOfTheOppositeIsTheSameSteps() {
        for (TestChart sound : TestChart.sound()) {
            Chart chart = sound.chart();
            Chart twice = ChartMaker.opposite(ChartMaker.opposite(chart, "Once"), "Twice");
            assertThat(twice.man()).isEqualTo(chart.man());
            assertThat(twice.lady()).isEqualTo(chart.lady());
            assertThat(twice.start()).isEqualTo(chart.start());
        }
    }

    @Test
    void theOppositeOfASoundFigureIsSound() {
        for (TestChart sound : TestChart.sound()) {
            assertThat(RuleBook.standard().check(Sheet.of(ChartMaker.opposite(sound.chart(), "Other side"))))
                    .isEmpty();
        }
    }

    @Test
    void repeatsAPatternToEitherSide() {
        Chart thrice = ChartMaker.repeated(TestChart.latinBasic().chart(), "Three Basics", 3, true);
        assertThat(thrice.man()).hasSize(15);
        assertThat(thrice.man().get(5).foot())
                .isEqualTo(thrice.man().get(0).foot().other());
        assertThat(thrice.rhythm(Role.LADY)).hasToString("2 3 4 & 1 2 3 4 & 1 2 3 4 & 1");
        assertThat(RuleBook.standard().check(Sheet.of(thrice))).isEmpty();
    }

    @Test
    void namesFiguresByDanceAndName() {
        assertThat(ChartMaker.idFor(Dance.CHA_CHA, "  There & Back (open) ")).isEqualTo("cha-cha.there-back-open");
        assertThat(ChartMaker.idFor(Dance.WALTZ, "x".repeat(120))).hasSize(80);
        assertThatThrownBy(() -> ChartMaker.idFor(Dance.WALTZ, " ?! ")).hasMessageContaining("letters");
    }

    @Test
    void copiesEverythingUnderANewName() {
        Chart chart = TestChart.whisk().part(1, 2).chart();
        Chart copy = ChartMaker.copy(chart, "My Whisk");
        assertThat(copy.id()).isEqualTo("waltz.my-whisk");
        assertThat(copy.parts()).isEqualTo(chart.parts());
        assertThat(copy.identity().madeFrom()).isEqualTo(chart.id());
        assertThat(ChartMaker.copy(copy, "My Whisk").identity().madeFrom())
                .as("a chart is not made from itself")
                .isEmpty();
    }
}
