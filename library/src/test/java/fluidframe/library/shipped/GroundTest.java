package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.count.Dance;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Condition;
import fluidframe.core.plan.Ground;
import fluidframe.core.plan.Laid;
import fluidframe.core.plan.Plan;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Routines composed for a floor of a real size, each held against the floor as a routine desk works it out. */
class GroundTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());
    private static final int MOST = 3;

    private static Ground ground(Dance dance, double share) {
        return new Ground(24, 14, Stride.usual(dance), share);
    }

    private static Composition composed(Dance dance, Plan plan) {
        return Composer.of(REPERTOIRE, dance).compose(plan, MOST, () -> false).composition();
    }

    private static List<String> figures(Composition.Proposal proposal) {
        return proposal.figures().stream().map(PlacedFigure::figureId).toList();
    }

    private static void assertKept(Dance dance, Composition found, int bars, boolean round) {
        for (Composition.Proposal proposal : found.best()) {
            RoutineWork work = RoutineWork.of(dance, proposal.figures(), REPERTOIRE);
            assertThat(work.junctions()).noneMatch(Junction::isBroken);
            assertThat(work.length()).isEqualTo(dance.bar().times(bars));
            assertThat(proposal.score()).isLessThanOrEqualTo(found.bound().orElseThrow());
            assertThat(figures(proposal)).allMatch(id -> Collections.frequency(figures(proposal), id) <= MOST);
            Laid laid = proposal.laid().orElseThrow();
            Hall hall = new Hall(24, 14, laid.start());
            assertThat(FloorReport.of(work, hall, Stride.usual(dance)).notes()).noneMatch(FloorReport.Note::leaves);
            if (!round) continue;
            Circuit circuit = Circuit.of(work, hall, Stride.usual(dance)).orElseThrow();
            assertThat(circuit.isClosed()).isTrue();
            assertThat(circuit.outsideMetres()).isLessThan(0.02);
            assertThat(laid.times()).isEqualTo(circuit.times());
            assertThat(laid.shares()).hasSize(2).allMatch(share -> share >= 0.8 && share <= 1);
        }
    }

    private static void assertApart(Composition found) {
        for (int one = 0; one < found.best().size(); one++) {
            for (int other = one + 1; other < found.best().size(); other++) {
                List<String> left = new ArrayList<>(figures(found.best().get(other)));
                figures(found.best().get(one)).forEach(left::remove);
                int shared = figures(found.best().get(other)).size() - left.size();
                int longer = Math.max(
                        figures(found.best().get(one)).size(),
                        figures(found.best().get(other)).size());
                assertThat(3 * (longer - shared)).isGreaterThanOrEqualTo(longer);
            }
        }
    }

    @Test
    void aSlowFoxtrotWithThreeRequiredFiguresGoesRoundAFloorOfARealSize() {
        String[] required = {"foxtrot.reverse-wave", "foxtrot.hover-cross", "foxtrot.top-spin"};
        Plan plan = Plan.of(32)
                .requiring(required)
                .closing(true)
                .differing(1 / 3.0)
                .wanting(5)
                .on(Optional.of(ground(Dance.FOXTROT, 0.8)));
        Composition found = composed(Dance.FOXTROT, plan);
        assertThat(found.best()).hasSize(5).allMatch(one -> figures(one).containsAll(List.of(required)));
        assertKept(Dance.FOXTROT, found, 32, true);
        assertApart(found);
        assertThat(composed(Dance.FOXTROT, plan).best().stream()
                        .map(GroundTest::figures)
                        .collect(Collectors.toList()))
                .isEqualTo(found.best().stream().map(GroundTest::figures).toList());
    }

    @ParameterizedTest
    @EnumSource(names = {"WALTZ", "TANGO", "QUICKSTEP"})
    void theOtherDancesThatMoveGoRoundIt(Dance dance) {
        Plan plan = Plan.of(32).closing(true).differing(1 / 3.0).wanting(2).on(Optional.of(ground(dance, 0.8)));
        Composition found = composed(dance, plan);
        assertThat(found.best()).hasSize(2);
        assertKept(dance, found, 32, true);
        assertApart(found);
    }

    @ParameterizedTest
    @EnumSource(names = {"WALTZ", "SAMBA", "PASO_DOBLE", "VIENNESE_WALTZ", "AMERICAN_FOXTROT"})
    void aRoutineThatNeedNotCloseStaysOnTheFloorToo(Dance dance) {
        Composition found =
                composed(dance, Plan.of(12).wanting(2).on(Optional.of(new Ground(14, 9, Stride.usual(dance), 0))));
        assertThat(found.best()).isNotEmpty();
        for (Composition.Proposal proposal : found.best()) {
            RoutineWork work = RoutineWork.of(dance, proposal.figures(), REPERTOIRE);
            Hall hall = new Hall(14, 9, proposal.laid().orElseThrow().start());
            assertThat(FloorReport.of(work, hall, Stride.usual(dance)).notes()).noneMatch(FloorReport.Note::leaves);
            assertThat(proposal.score()).isLessThanOrEqualTo(found.bound().orElseThrow());
        }
    }

    @Test
    void noRoutineOnTheFloorIsWorthMoreThanTheBoundNorMoreThanTheBestWithoutIt() {
        Composer composer = Composer.of(REPERTOIRE, Dance.WALTZ);
        for (int bars = 4; bars <= 12; bars += 4) {
            Plan anywhere = Plan.of(bars).wanting(1);
            int best = composer.compose(anywhere).best().get(0).score();
            Composition found = composer.compose(anywhere.on(Optional.of(ground(Dance.WALTZ, 0))));
            assertThat(found.best().get(0).score()).isLessThanOrEqualTo(best);
            assertThat(found.bound().orElseThrow())
                    .isGreaterThanOrEqualTo(found.best().get(0).score());
            // On a floor that no routine of so few bars leaves, the bound must not be below the best of all.
            Composition wide =
                    composer.compose(anywhere.on(Optional.of(new Ground(100, 100, Stride.usual(Dance.WALTZ), 0))));
            assertThat(wide.bound().orElseThrow()).isGreaterThanOrEqualTo(best);
            assertThat(wide.best().get(0).score()).isEqualTo(best);
        }
    }

    @Test
    void saysWhatCannotBeKept() {
        Ground ground = ground(Dance.WALTZ, 0.8);
        Composition short4 = composed(Dance.WALTZ, Plan.of(4).closing(true).on(Optional.of(ground)));
        assertThat(short4.contradiction())
                .containsExactly(new Condition.StaysOn(ground), new Condition.Closes(), new Condition.Lasts(4));
        assertThat(short4.contradiction().get(0).words(id -> id)).contains("24 x 14 m", "80 % of each long side");
        Composition none =
                composed(Dance.WALTZ, Plan.of(1).requiring("waltz.natural-turn").on(Optional.of(ground)));
        assertThat(none.contradiction())
                .containsExactly(new Condition.Required("waltz.natural-turn"), new Condition.Lasts(1));
        assertThatThrownBy(() -> composed(Dance.RUMBA, Plan.of(8).on(Optional.of(ground(Dance.RUMBA, 0)))))
                .hasMessageContaining("stays where it begins");
        assertThatThrownBy(() -> new Ground(3, 14, Stride.USUAL, 0)).hasMessageContaining("was 3.0 x 14.0");
        assertThatThrownBy(() -> Composer.of(REPERTOIRE, Dance.WALTZ)
                        .compose(Plan.of(32).closing(true).on(Optional.of(ground)), MOST, () -> true))
                .isInstanceOf(CancellationException.class);
    }
}
