package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.count.Dance;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Plan;
import fluidframe.core.routine.FloorFit;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.Placed;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Routines composed without a floor and brought on to one, each proposal worked out anew. */
class FloorFitTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());

    private static List<Placed> composed(Dance dance, int bars) {
        return List.copyOf(Composer.of(REPERTOIRE, dance)
                .compose(Plan.of(bars).wanting(1))
                .best()
                .get(0)
                .figures());
    }

    private static boolean leaves(FloorFit.Proposal fit, Dance dance) {
        RoutineWork work = RoutineWork.of(dance, fit.placed(), REPERTOIRE, fit.startTurn());
        assertThat(work.junctions()).noneMatch(Junction::isBroken);
        return FloorReport.of(work, fit.hall(), fit.stride()).notes().stream().anyMatch(FloorReport.Note::leaves);
    }

    @ParameterizedTest
    @EnumSource(names = {"WALTZ", "FOXTROT", "TANGO", "RUMBA", "JIVE"})
    void aRoutineBegunInACornerIsBroughtOnToTheFloor(Dance dance) {
        Stride stride = Stride.usual(dance);
        List<Placed> placed = composed(dance, 8);
        Hall corner = new Hall(14, 10, new Point(13.8, 0.1));
        List<FloorFit.Proposal> fits = FloorFit.of(dance, placed, REPERTOIRE, corner, stride, 0, 4);
        assertThat(fits).isNotEmpty();
        for (FloorFit.Proposal fit : fits) {
            assertThat(leaves(fit, dance)).as(fit.changes().toString()).isEqualTo(fit.outsideMetres() > 0.01);
        }
        assertThat(fits.get(0).outsideMetres()).isZero();
        assertThat(fits)
                .isSortedAccordingTo((a, b) -> a.changes().size() - b.changes().size() > 1 ? 1 : 0);
    }

    @Test
    void aLongRoutineGetsACornerOrSaysHowFarItStillGoes() {
        List<Placed> placed = composed(Dance.FOXTROT, 16);
        Hall hall = new Hall(18, 12, new Point(2, 10));
        List<FloorFit.Proposal> fits =
                FloorFit.of(Dance.FOXTROT, placed, REPERTOIRE, hall, Stride.usual(Dance.FOXTROT), 0, 5);
        assertThat(fits).isNotEmpty();
        fits.forEach(fit -> assertThat(leaves(fit, Dance.FOXTROT)).isEqualTo(fit.outsideMetres() > 0.01));
        assertThat(fits).anyMatch(fit -> fit.changes().toString().contains("corner"));
        Hall tiny = new Hall(4, 4, new Point(2, 2));
        List<FloorFit.Proposal> none =
                FloorFit.of(Dance.FOXTROT, placed, REPERTOIRE, tiny, Stride.usual(Dance.FOXTROT), 0, 3);
        assertThat(none).hasSize(3).allMatch(fit -> fit.outsideMetres() > 0);
        assertThat(FloorFit.of(Dance.FOXTROT, List.of(), REPERTOIRE, hall, Stride.USUAL, 0, 3))
                .isEmpty();
    }

    @Test
    void aVeryLongRoutineIsFittedWithFewerTriesAndNoneBreaksIt() {
        Hall hall = new Hall(24, 14, new Point(3, 11.5));
        List<Placed> once = composed(Dance.FOXTROT, 16);
        List<Placed> twenty = new ArrayList<>();
        while (twenty.size() < Routine.MOST_PLACES) twenty.addAll(once);
        List<Placed> placed = twenty.subList(0, Routine.MOST_PLACES);
        List<FloorFit.Proposal> fits =
                FloorFit.of(Dance.FOXTROT, placed, REPERTOIRE, hall, Stride.usual(Dance.FOXTROT), 0, 3);
        assertThat(fits).hasSize(3);
        for (FloorFit.Proposal fit : fits) {
            assertThat(fit.placed()).hasSize(placed.size());
            assertThat(broken(fit.placed(), fit.startTurn())).isLessThanOrEqualTo(broken(placed, 0));
        }
    }

    private static long broken(List<Placed> placed, int startTurn) {
        return RoutineWork.of(Dance.FOXTROT, placed, REPERTOIRE, startTurn).junctions().stream()
                .filter(Junction::isBroken)
                .count();
    }
}
