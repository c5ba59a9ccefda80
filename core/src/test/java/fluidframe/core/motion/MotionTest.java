package fluidframe.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.TestChart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.step.Foot;
import java.util.List;
import org.junit.jupiter.api.Test;

class MotionTest {
    private static final Danceable NATURAL =
            Danceable.of(TestChart.naturalTurn().chart(), FigureUse.WHOLE);
    private static final Motion TURN = Motion.of(NATURAL, Stride.usual(Dance.WALTZ), Motion.Couple.USUAL);

    private static Track man(Motion motion) {
        return motion.of(Role.MAN).orElseThrow();
    }

    private static Track lady(Motion motion) {
        return motion.of(Role.LADY).orElseThrow();
    }

    @Test
    void everyFootIsWhereTheFloorHasItWhenItsRowBegins() {
        FloorPlan floor = FloorWalk.plan(NATURAL.ledger(), Stride.usual(Dance.WALTZ));
        for (Footfall fall : floor.footfalls()) {
            FootTrack.Foot foot =
                    TURN.of(fall.role()).orElseThrow().foot(fall.foot()).at(fall.onset());
            assertThat(new Point(foot.x(), foot.y()).minus(fall.place()).length())
                    .as(fall.toString())
                    .isLessThan(0.16);
            assertThat(DancerMaker.wrapped(foot.direction() - fall.direction())).isEqualTo(0, within(0.01));
        }
    }

    @Test
    void theWeightIsOnTheFootOfTheRowWhenTheNextOneTravels() {
        assertThat(man(TURN).weight(Foot.RIGHT, 0.8)).isEqualTo(1, within(0.01));
        assertThat(man(TURN).weight(Foot.LEFT, 1.8)).isEqualTo(1, within(0.01));
        assertThat(lady(TURN).weight(Foot.LEFT, 0.8)).isEqualTo(1, within(0.01));
        assertThat(man(TURN).weight(Foot.RIGHT, -0.2)).isZero();
    }

    @Test
    void aHeelLeadLandsOnTheHeelAndATStaysUpUntilItLowers() {
        FootTrack.Foot lead = man(TURN).right().at(0);
        assertThat(lead.heel()).isLessThan(0.01);
        assertThat(lead.ball()).isGreaterThan(0.04);
        FootTrack.Foot toe = man(TURN).left().at(1.3);
        assertThat(toe.heel()).isGreaterThan(0.06);
        assertThat(toe.ball()).isLessThan(0.01);
        assertThat(man(TURN).right().at(2.96).heel()).isLessThan(0.02);
    }

    @Test
    void theBodyTurnsAsFarAsChartedAndLessWhereItIsChartedLess() {
        double begun = man(TURN).body().at(-1);
        assertThat(man(TURN).body().at(3) - begun).isEqualTo(6, within(0.01));
        assertThat(man(TURN).body().at(6) - begun).isEqualTo(12, within(0.01));
        // Step 5: the foot points DC after 3/8, the body is an eighth behind until step 6.
        double foot = man(TURN).right().at(4.34).direction();
        assertThat(foot - man(TURN).body().at(4.34)).isEqualTo(2, within(0.05));
    }

    @Test
    void theCoupleRisesTogetherAndIsDownAgainAtTheEnd() {
        double standing = man(TURN).height().at(-1);
        assertThat(man(TURN).height().at(1.8)).isGreaterThan(standing + 0.02);
        assertThat(man(TURN).height().at(3)).isLessThan(standing);
    }

    @Test
    void aHeelTurnKeepsTheHeelAndADoubleReverseTurnsOnTheToe() {
        Motion spin = Motion.of(
                Danceable.of(TestChart.doubleReverse().chart(), FigureUse.WHOLE),
                Stride.usual(Dance.WALTZ),
                Motion.Couple.USUAL);
        Track lady = lady(spin);
        Point begun = lady.right().at(0.4).sole(FootTrack.HEEL, lady.build());
        double turned = lady.right().at(1.3).direction() - lady.right().at(0.4).direction();
        assertThat(turned).isEqualTo(-6, within(0.1));
        assertThat(lady.right()
                        .at(1.3)
                        .sole(FootTrack.HEEL, lady.build())
                        .minus(begun)
                        .length())
                .isLessThan(0.005);
        Track man = man(spin);
        Point toe = man.right().at(1.4).sole(FootTrack.BALL, man.build());
        assertThat(man.right()
                        .at(2)
                        .sole(FootTrack.BALL, man.build())
                        .minus(toe)
                        .length())
                .isLessThan(0.005);
    }

    @Test
    void theHandsFollowTheHold() {
        assertThat(man(TURN).hands(2).left()).isEqualTo(Hands.Grip.RIGHT_HAND);
        assertThat(man(TURN).hands(2).right()).isEqualTo(Hands.Grip.SHOULDER_BLADE);
        assertThat(lady(TURN).hands(2).left()).isEqualTo(Hands.Grip.UPPER_ARM);
    }

    @Test
    void aRoutineGoesOnWithoutAJumpAndWaitsWhereSomethingFreeIsDanced() {
        Repertoire repertoire = Repertoire.of(List.of(
                TestChart.naturalTurn().chart(),
                TestChart.closedChange().entries("facing DW", "facing LOD").chart()));
        RoutineWork work = RoutineWork.of(
                Dance.WALTZ,
                List.of(
                        new PlacedFigure("natural-turn", FigureUse.WHOLE, false),
                        new PlacedElement("Hold", Beats.of(6)),
                        new PlacedFigure("closed-change", FigureUse.WHOLE, false)),
                repertoire);
        Motion motion =
                Motion.of(work, new Hall(24, 14, new Point(2, 12)), Stride.usual(Dance.WALTZ), Motion.Couple.USUAL);
        assertThat(motion.begins()).isZero();
        assertThat(motion.end()).isEqualTo(15);
        Sanity sanity = Sanity.of(motion);
        assertThat(sanity.jumps()).isZero();
        Track man = man(motion);
        for (Foot foot : Foot.values()) {
            FootTrack.Foot before = man.foot(foot).at(7.5);
            FootTrack.Foot after = man.foot(foot).at(10.5);
            assertThat(before.x()).isEqualTo(after.x(), within(1e-9));
        }
    }

    @Test
    void whoDancesAloneIsAlone() {
        String rows = """
                man | 1 | R | forward | facing LOD | | HT | commence at end | |
                man | 2 | L | side    | facing LOD | | T  | continue | |
                man | 3 | R | closes  | facing LOD | | TH | lower at end | |
                """;
        Motion alone = Motion.of(
                Danceable.of(TestChart.of("alone", rows).chart(), FigureUse.WHOLE),
                Stride.usual(Dance.WALTZ),
                Motion.Couple.USUAL);
        assertThat(alone.of(Role.LADY)).isEmpty();
        assertThat(Sanity.of(alone).troubles()).isEmpty();
    }

    @Test
    void measuresWhatIsWrong() {
        Motion giants = Motion.of(NATURAL, new Stride(1.2), new Motion.Couple(new Build(1.3), new Build(1.3)));
        assertThat(Sanity.of(giants).isSound()).isFalse();
        assertThat(Sanity.of(TURN).isSound()).isTrue();
    }
}
