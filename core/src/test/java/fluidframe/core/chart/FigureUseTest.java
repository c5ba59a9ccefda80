package fluidframe.core.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FigureUseTest {
    private static FigureUse part(String id) {
        return FigureUse.ofPart(id);
    }

    @Test
    void cutsBothRolesByBeat() {
        Chart second = part("4-6").of(TestChart.naturalTurn().part(4, 6).chart());
        assertThat(second.man()).hasSize(3);
        assertThat(second.lady()).hasSize(3);
        assertThat(second.man().get(0).alignment().orElseThrow()).hasToString("backing LOD");
        Chart spin = part("2-3").of(TestChart.doubleReverse().part(2, 3).chart());
        assertThat(spin.lady()).hasSize(3);
    }

    @Test
    void startsAPartInThePositionReachedByThen() {
        Chart chart = TestChart.whisk()
                .with(Role.MAN, 2, "position", "promenade")
                .part(3, 3)
                .chart();
        assertThat(part("3-3").of(chart).start().position()).isEqualTo(CouplePosition.PROMENADE);
    }

    @Test
    void turnsTheRestOfBothRolesAlongWithLessOfTheLastTurn() {
        Chart chart = TestChart.naturalTurn().chart();
        for (int more : new int[] {-2, -4}) {
            Chart varied = FigureUse.WHOLE.withLastTurn(more).of(chart);
            assertThat(RuleBook.standard().check(Sheet.of(varied))).isEmpty();
            assertThat(Sheet.of(varied).ledger().of(Role.MAN).totalTurn()).isEqualTo(12 + more);
            assertThat(Sheet.of(varied).ledger().of(Role.LADY).totalTurn()).isEqualTo(12 + more);
        }
    }

    @Test
    void leavesTheJudgementOfTooMuchTurnToTheRules() {
        Chart varied =
                FigureUse.WHOLE.withLastTurn(4).of(TestChart.naturalTurn().chart());
        assertThat(RuleBook.standard().check(Sheet.of(varied)))
                .extracting(checked -> checked.finding().rule().text())
                .containsOnly("turn.needs-pivot");
    }

    @Test
    void refusesWhatTheFigureDoesNotHave() {
        Chart chart = TestChart.whisk().chart();
        assertThatThrownBy(() -> part("1-2").of(chart)).hasMessage("whisk has no part \"1-2\"");
        assertThat(part("1-2").existsIn(chart)).isFalse();
        assertThat(FigureUse.WHOLE.existsIn(chart)).isTrue();
        assertThatThrownBy(() -> new FigureUse(
                        Optional.of("a"), Optional.of("1-2"), 0, List.of(), false, Ending.AS_CHARTED, List.of()))
                .hasMessageContaining("not both");
    }

    @Test
    void refusesChartsThatCannotExist() {
        assertThatThrownBy(() -> TestChart.of("empty", "solo | 1 | R | forward").chart())
                .hasMessage("A figure must have at least one step");
        assertThatThrownBy(() -> TestChart.whisk().part(2, 5).chart())
                .hasMessage("Part 2-5 must end by the man's last step, which is 3");
        assertThatThrownBy(
                        () -> TestChart.of("Not An Id", "man | 1 | R | forward").chart())
                .hasMessageContaining("but was \"Not An Id\"");
        assertThatThrownBy(() -> new Part(3, 2, java.util.List.of(), Finish.AS_CHARTED))
                .hasMessageContaining("but was 3-2");
        assertThatThrownBy(() -> new Finish(false, 9, 0)).hasMessageContaining("at most 1/2");
    }

    @Test
    void endsNearerOrWiderThanCharted() {
        Chart basic = TestChart.latinBasic().chart();
        Chart wider = FigureUse.WHOLE.withEnding(Ending.WIDER).of(basic);
        Step last = wider.man().get(wider.man().size() - 1);
        assertThat(last.position()).contains(CouplePosition.OPEN_FACING);
        assertThat(last.hold()).contains(Hold.LEFT_TO_RIGHT);
        assertThat(wider.lady()).isEqualTo(basic.lady());
        assertThat(FigureUse.WHOLE.withEnding(Ending.AS_CHARTED).of(basic)).isEqualTo(basic);
        assertThat(Ending.parse("nearer")).isEqualTo(Ending.NEARER);
        assertThatThrownBy(() -> Ending.parse("closer")).hasMessageContaining("but was \"closer\"");
    }

    @Test
    void refusesAnOptionThatTheFigureDoesNotHave() {
        FigureUse use = FigureUse.WHOLE.withOptions(List.of("gliding"));
        Chart basic = TestChart.latinBasic().chart();
        assertThat(use.existsIn(basic)).isFalse();
        assertThat(use.plain()).isEqualTo(FigureUse.WHOLE);
        assertThatThrownBy(() -> use.of(basic)).hasMessageContaining("no option \"gliding\"");
    }
}
