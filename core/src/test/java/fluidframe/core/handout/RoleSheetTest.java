package fluidframe.core.handout;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Placed;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class RoleSheetTest {
    private final Repertoire repertoire = Repertoire.of(List.of(
            TestChart.naturalTurn().chart(),
            TestChart.closedChange().entries("facing DW", "facing LOD").chart(),
            TestChart.whisk().chart()));

    private static Routine.Place place(Placed placed, String note, String accepted) {
        return new Routine.Place(placed, note, accepted);
    }

    private static PlacedFigure figure(String id) {
        return new PlacedFigure(id, FigureUse.WHOLE, false);
    }

    private RoleSheet sheet(Role role, Optional<CountLanguage> language, Routine.Place... places) {
        Routine routine = new Routine(
                "Evening",
                Dance.WALTZ,
                29,
                new Hall(24, 14, new Point(2, 12)),
                Stride.USUAL,
                0,
                "",
                "",
                2,
                Optional.empty(),
                OptionalInt.empty(),
                List.of(places));
        RoutineWork work = RoutineWork.of(routine.dance(), routine.placed(), repertoire, routine.startTurn());
        return RoleSheet.of(routine, work, role, language);
    }

    @Test
    void saysEveryStepOfOneRoleWithItsBarAndWhatIsChartedOfIt() {
        RoleSheet sheet = sheet(
                Role.LADY,
                Optional.of(CountLanguage.TEACHING),
                place(figure("natural-turn"), "open, unhurried", ""),
                place(figure("closed-change"), "", ""));
        RoleSheet.Section turn = sheet.sections().get(0);
        assertThat(turn.note()).isEqualTo("open, unhurried");
        assertThat(turn.lines().stream().map(RoleSheet.Line::count))
                .containsExactly("one", "two", "three", "four", "five", "six");
        assertThat(turn.lines().stream().map(RoleSheet.Line::bar)).containsExactly(1, 1, 1, 2, 2, 2);
        assertThat(turn.lines().get(1).cells())
                .containsEntry(Column.FOOT, "R")
                .containsEntry(Column.ALIGN, "pointing LOD")
                .containsEntry(Column.TURN, "3/8 R, body less")
                .doesNotContainKey(Column.CBM);
        assertThat(sheet.sections().get(1).bar()).isEqualTo(3);
        assertThat(sheet.sections().get(1).phrase()).isEqualTo(2);
    }

    @Test
    void alignmentsAreThoseOnWhichTheRoutineDancesTheFigure() {
        RoleSheet alone = sheet(Role.MAN, Optional.empty(), place(figure("closed-change"), "", ""));
        assertThat(alone.sections().get(0).lines().get(0).cells()).containsEntry(Column.ALIGN, "facing DC");
        RoleSheet after = sheet(
                Role.MAN, Optional.empty(), place(figure("whisk"), "", ""), place(figure("closed-change"), "", ""));
        assertThat(after.sections().get(1).lines().get(0).cells()).containsEntry(Column.ALIGN, "facing DW");
    }

    @Test
    void whatDoesNotHoldIsSaidUnlessTheCoachLetsItStand() {
        Routine.Place first = place(figure("closed-change"), "", "");
        RoleSheet told = sheet(Role.MAN, Optional.empty(), first, place(figure("closed-change"), "", ""));
        assertThat(told.sections().get(0).problem()).isEmpty();
        assertThat(told.sections().get(1).problem())
                .hasValueSatisfying(
                        why -> assertThat(why).contains("LF is free").contains("begins with the RF"));
        RoleSheet kept = sheet(Role.MAN, Optional.empty(), first, place(figure("closed-change"), "", "we hop"));
        assertThat(kept.sections().get(1).problem()).isEmpty();
    }

    @Test
    void aFreeElementHasItsLengthAndAFigureThatIsGoneItsReason() {
        RoleSheet sheet = sheet(
                Role.MAN,
                Optional.empty(),
                place(new PlacedElement("Hold", Beats.of(5)), "", ""),
                place(figure("lost-figure"), "", ""));
        assertThat(sheet.sections().get(0).length()).isEqualTo(Beats.of(5));
        assertThat(sheet.sections().get(0).lines()).isEmpty();
        assertThat(sheet.sections().get(1).problem()).isPresent();
        assertThat(sheet.sections().get(1).beat()).hasToString("3");
    }
}
