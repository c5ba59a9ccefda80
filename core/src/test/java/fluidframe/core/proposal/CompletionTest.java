package fluidframe.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import org.junit.jupiter.api.Test;

class CompletionTest {
    @Test
    void hasNothingToAddToACompleteChart() {
        TestChart.sound()
                .forEach(chart -> assertThat(Completion.of(chart.chart())).isEmpty());
    }

    @Test
    void worksOutAnAlignmentFromTheTurnsUpToIt() {
        assertThat(Completion.of(TestChart.naturalTurn()
                        .with(Role.MAN, 2, "align", "")
                        .with(Role.MAN, 3, "align", "")
                        .chart()))
                .extracting(cell -> cell.role() + " " + cell.step() + " " + cell.column() + ": " + cell.text() + " ("
                        + cell.because() + ")")
                .containsExactly(
                        "man 2 align: facing DWA (1/4 R has been turned since the last alignment charted.)",
                        "man 3 align: facing against LOD (3/8 R has been turned since the last alignment charted.)");
    }

    @Test
    void worksOutATurnFromTheAlignmentsAroundIt() {
        assertThat(Completion.of(
                        TestChart.naturalTurn().with(Role.LADY, 5, "turn", "").chart()))
                .extracting(cell -> cell.role() + " " + cell.step() + " " + cell.column() + ": " + cell.text())
                .containsExactly("lady 5 turn: 1/4 R");
    }
}
