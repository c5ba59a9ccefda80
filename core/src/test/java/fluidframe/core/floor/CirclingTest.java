package fluidframe.core.floor;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import org.junit.jupiter.api.Test;

class CirclingTest {
    private static FloorPlan top(boolean he) {
        StringBuilder rows = new StringBuilder();
        String[] compass = {"facing wall", "facing against LOD", "facing centre", "facing LOD"};
        for (int i = 0; i < 8; i++) {
            String in = (i % 2 == 0 ? "R" : "L") + " | " + (i % 2 == 0 ? "crosses behind" : "side small");
            String out = (i % 2 == 0 ? "L" : "R") + " | " + "forward";
            rows.append("man | ")
                    .append(i % 4 + 1)
                    .append(" | ")
                    .append(
                            he
                                    ? in
                                    : out.replace("L |", "x")
                                            .replace("R |", "L |")
                                            .replace("x", "R |"));
            rows.append(" | ").append(compass[(i + 1) % 4]).append(" | 1/4 R |\n");
            rows.append("lady | ")
                    .append(i % 4 + 1)
                    .append(" | ")
                    .append(
                            he
                                    ? out
                                    : in.replace("L |", "x")
                                            .replace("R |", "L |")
                                            .replace("x", "R |"));
            rows.append(" | ").append(compass[(i + 3) % 4]).append(" | 1/4 R |\n");
        }
        return TestChart.of("top", rows.toString()).dance(Dance.RUMBA).sheet().floor();
    }

    @Test
    void findsTheCommonCentreAndWhoIsInside() {
        assertThat(top(true).circling()).hasValueSatisfying(circle -> {
            assertThat(circle.sixteenths()).isBetween(24, 40);
            assertThat(circle.manMetres() + circle.ladyMetres()).isBetween(0.25, 1.2);
        });
    }

    @Test
    void isSilentOfACoupleThatTravels() {
        assertThat(TestChart.closedChange().sheet().floor().circling()).isEmpty();
        assertThat(TestChart.naturalTurn().sheet().floor().circling()).isEmpty();
    }

    @Test
    void tellsInsideFromOutsideByTheDistances() {
        assertThat(new Circling(Point.ORIGIN, 0.1, 0.3, 16).inside()).contains(Role.MAN);
        assertThat(new Circling(Point.ORIGIN, 0.3, 0.1, 16).inside()).contains(Role.LADY);
        assertThat(new Circling(Point.ORIGIN, 0.2, 0.22, 16).inside()).isEmpty();
    }

    @Test
    void findsWhereTracksCross() {
        assertThat(Tracks.crossings(
                        java.util.List.of(new Point(0, 0), new Point(2, 0)),
                        java.util.List.of(new Point(1, -1), new Point(1, 1))))
                .containsExactly(new Point(1, 0));
    }
}
