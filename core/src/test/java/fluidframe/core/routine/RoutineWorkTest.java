package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Repertoire;
import fluidframe.core.step.Foot;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RoutineWorkTest {
    private static final Hall HALL = new Hall(20, 12, new Point(2, 10));

    private final Repertoire repertoire = Repertoire.of(List.of(
            TestChart.naturalTurn().part(1, 3).follows("closed-change").chart(),
            TestChart.closedChange().entries("facing DW", "facing LOD").chart(),
            TestChart.whisk().entries("facing DC").chart(),
            TestChart.doubleReverse().entries("facing DW").chart()));

    private RoutineWork work(String... figures) {
        return RoutineWork.of(
                Dance.WALTZ, Stream.of(figures).map(RoutineWorkTest::placed).toList(), repertoire);
    }

    private static PlacedFigure placed(String text) {
        return new PlacedFigure(text.replace("+", ""), FigureUse.WHOLE, text.startsWith("+"));
    }

    @Test
    void putsFiguresOneAfterAnotherInTheMusic() {
        RoutineWork work = work("natural-turn", "closed-change", "double-reverse");
        assertThat(work.blocks().stream().map(block -> block.bar(Dance.WALTZ.bar())))
                .containsExactly(1, 3, 4);
        assertThat(work.length()).hasToString("12");
        assertThat(work.junctions()).hasSize(2).noneMatch(Junction::isBroken);
        assertThat(work.junctions().get(0).customary()).isTrue();
        assertThat(work.turned(1)).isEqualTo(12);
        assertThat(work.turned(-1)).isEqualTo(-12);
    }

    @Test
    void takesTheCornerOnlyWhereItIsAsked() {
        assertThat(work("natural-turn", "natural-turn")
                        .junctions()
                        .get(0)
                        .link()
                        .verdict())
                .isEqualTo(Link.Verdict.YES_IF);
        RoutineWork cornered = work("natural-turn", "+natural-turn");
        assertThat(cornered.junctions().get(0).isBroken()).isFalse();
        assertThat(cornered.blocks().get(1).roomRotation()).isEqualTo(-4);
        assertThat(work("natural-turn").canRepeat()).isTrue();
    }

    @Test
    void tellsOneFaultOnceAndProposesWhatToPutBetween() {
        RoutineWork work = work("natural-turn", "double-reverse", "double-reverse");
        assertThat(work.junctions().stream().map(Junction::isBroken)).containsExactly(true, false);
        Junction broken = work.junctions().get(0);
        assertThat(broken.link().obstacles().get(0).kind()).isEqualTo(Condition.Kind.MAN_FOOT);
        assertThat(work.repairs(broken))
                .first()
                .extracting(repair -> repair.figures().get(0).name())
                .isEqualTo("closed-change");
        assertThat(work.repairs(broken))
                .allSatisfy(repair ->
                        assertThat(mended(repair).junctions().get(0).isBroken()).isFalse());
    }

    private RoutineWork mended(Repair repair) {
        List<PlacedFigure> put = new java.util.ArrayList<>(repair.figures().stream()
                .map(f -> new PlacedFigure(f.figure().id(), f.use(), false))
                .toList());
        if (repair.kind() != Repair.Kind.BEFORE) put.add(0, placed("natural-turn"));
        if (repair.kind() != Repair.Kind.AFTER) put.add(placed("double-reverse"));
        return RoutineWork.of(Dance.WALTZ, put, repertoire);
    }

    @Test
    void freeElementsTakeTheirTimeAndLeaveTheStateToTheCoach() {
        RoutineWork work = RoutineWork.of(
                Dance.WALTZ,
                List.of(placed("natural-turn"), new PlacedElement("Develope", Beats.of(6)), placed("double-reverse")),
                repertoire);
        assertThat(work.length()).hasToString("15");
        assertThat(work.blocks().get(1).isFree()).isTrue();
        assertThat(work.junctions()).allMatch(Junction::free).noneMatch(Junction::isBroken);
        assertThat(work.arrivalAfter(1)).isEmpty();
        RoutineWork offBeat = RoutineWork.of(
                Dance.WALTZ, List.of(new PlacedElement("Pose", Beats.of(1)), placed("natural-turn")), repertoire);
        assertThat(offBeat.junctions().get(0).link().obstacles().get(0).kind()).isEqualTo(Condition.Kind.BEAT);
        assertThatThrownBy(() -> new PlacedElement("Pose", Beats.of(129))).hasMessageContaining("129");
    }

    @Test
    void saysWhatAFigureCannotBeDancedAs() {
        assertThat(missing(FigureUse.WHOLE.withEnding(Ending.NEARER))).contains("has no nearer ending any more");
        assertThat(missing(FigureUse.WHOLE.withOptions(List.of("gliding")))).contains("has no option gliding any more");
        assertThat(missing(FigureUse.ofVariant("overturned"))).contains("has no \"overturned\" any more");
    }

    private String missing(FigureUse use) {
        return RoutineWork.of(Dance.WALTZ, List.of(new PlacedFigure("natural-turn", use, false)), repertoire)
                .blocks()
                .get(0)
                .missing()
                .orElse("");
    }

    @Test
    void judgesTheJoinAfterAFreeElementOfWhichTheCoachSaysHowItEnds() {
        RoutineWork right = withPose(Foot.RIGHT, Optional.empty());
        assertThat(right.junctions().get(1).free()).isFalse();
        assertThat(right.junctions().get(1).isBroken()).isFalse();
        RoutineWork wrongFoot = withPose(Foot.LEFT, Optional.empty());
        assertThat(wrongFoot.junctions().get(1).link().obstacles())
                .extracting(condition -> condition.kind().toString())
                .containsExactly("man's free foot", "lady's free foot");
        assertThat(wrongFoot.repairs(wrongFoot.junctions().get(1))).isEmpty();
        RoutineWork wrongWay = withPose(Foot.RIGHT, Optional.of(Direction.parse("centre")));
        assertThat(wrongWay.junctions().get(1).isBroken()).isTrue();
        assertThat(right.successors(1))
                .allMatch(successor -> successor.figure().chart().man().get(0).foot() == Foot.RIGHT);
    }

    private RoutineWork withPose(Foot manFree, Optional<Direction> man) {
        PlacedElement.Left left =
                new PlacedElement.Left(CouplePosition.CLOSED, Hold.CLOSED_CONTACT, manFree, false, man);
        return RoutineWork.of(
                Dance.WALTZ,
                List.of(
                        placed("closed-change"),
                        new PlacedElement("Pose", Beats.of(3), Optional.of(left)),
                        placed("closed-change")),
                repertoire);
    }

    @Test
    void beginsTurnedWhereTheFirstFigureMay() {
        List<PlacedFigure> change = List.of(placed("closed-change"));
        for (int turn :
                repertoire.find("closed-change", FigureUse.WHOLE).orElseThrow().entryRotations()) {
            assertThat(RoutineWork.of(Dance.WALTZ, change, repertoire, turn)
                            .blocks()
                            .get(0)
                            .rotation())
                    .isEqualTo(turn);
        }
    }

    @Test
    void whatItOffersNextIsNeverCalledBrokenAfterwards() {
        Random random = new Random(5);
        for (int run = 0; run < 40; run++) {
            List<PlacedFigure> figures = new java.util.ArrayList<>(List.of(placed("natural-turn")));
            for (int i = 0; i < 6; i++) {
                RoutineWork work = RoutineWork.of(Dance.WALTZ, figures, repertoire);
                List<Successor> next = work.successors(figures.size() - 1).stream()
                        .filter(s -> s.link().verdict() == Link.Verdict.YES)
                        .toList();
                if (next.isEmpty()) break;
                Successor chosen = next.get(random.nextInt(next.size()));
                figures.add(new PlacedFigure(
                        chosen.figure().figure().id(), chosen.figure().use(), false));
            }
            assertThat(RoutineWork.of(Dance.WALTZ, figures, repertoire).junctions())
                    .noneMatch(Junction::isBroken);
        }
    }

    @Test
    void whatItDoesNotOfferIsAlwaysCalledBroken() {
        RoutineWork before = work("closed-change");
        List<String> offered = before.successors(0).stream()
                .filter(s -> s.link().verdict() == Link.Verdict.YES)
                .map(s -> s.figure().name())
                .toList();
        for (String figure : List.of("natural-turn", "closed-change", "whisk", "double-reverse")) {
            assertThat(work("closed-change", figure).junctions().get(0).isBroken())
                    .isEqualTo(!offered.contains(figure));
        }
    }

    @Test
    void saysWhichSuccessorsLeadOnToTheFigureThatStandsNext() {
        RoutineWork work = work("natural-turn", "double-reverse");
        assertThat(work.successors(0))
                .filteredOn(Successor::leadsOn)
                .extracting(s -> s.figure().name())
                .containsExactly("closed-change");
        assertThat(work.successors(-1))
                .extracting(s -> s.figure().name())
                .as("whole figures come before parts of them")
                .containsSubsequence("whisk", "natural-turn 1-3");
    }

    @Test
    void walksOnOverTheFloorWithoutABreak() {
        RoutineWork work = work("natural-turn", "closed-change", "double-reverse");
        FloorPlan plan = work.floor(HALL, Stride.USUAL);
        assertThat(plan.footfalls()).hasSize(6 + 6 + 3 + 3 + 3 + 4);
        FloorPath path = FloorPath.of(work, plan);
        assertThat(path.beginning(0).middle().minus(HALL.start()).length()).isLessThan(0.3);
        Point middle = path.beginning(1).middle();
        assertThat(path.end(0)).isEqualTo(path.beginning(1));
        assertThat(middle.x()).isGreaterThan(HALL.start().x() + 1);
        assertThat(plan.gaps()).allSatisfy(gap -> assertThat(gap.metres()).isBetween(0.2, 0.6));
    }

    @Test
    void measuresWhatLiesOutsideTheHall() {
        assertThat(HALL.outside(new Point(1, 1))).isZero();
        assertThat(HALL.outside(new Point(-0.5, 13))).isCloseTo(1, within(1e-9));
        assertThatThrownBy(() -> new Hall(3, 12, Point.ORIGIN)).hasMessageContaining("but was 3.0 x 12.0");
    }

    @Test
    void keepsThePlaceOfAFigureThatIsNotThereAndJudgesTheJoinsRoundIt() {
        RoutineWork work = work("natural-turn", "tumble", "whisk");
        Block missing = work.blocks().get(1);
        assertThat(missing.missing())
                .hasValueSatisfying(why -> assertThat(why).contains("tumble").contains("not in the library"));
        assertThat(missing.length()).isEqualTo(Dance.WALTZ.bar());
        assertThat(work.missing()).isEqualTo(1);
        assertThat(work.junctions()).allMatch(Junction::free).noneMatch(Junction::isBroken);
        assertThat(work.blocks().get(2).start()).isEqualTo(missing.end());
        assertThat(RoutineWork.of(Dance.TANGO, List.of(placed("whisk")), repertoire)
                        .blocks()
                        .get(0)
                        .missing())
                .hasValueSatisfying(
                        why -> assertThat(why).contains("figure of Waltz").contains("this routine is Tango"));
    }

    @Test
    void aFigureThatIsNotThereTakesItsCornerAllTheSame() {
        PlacedFigure gone = new PlacedFigure("waltz.tumble", FigureUse.WHOLE, true);
        RoutineWork work =
                RoutineWork.of(Dance.WALTZ, List.of(placed("natural-turn"), gone, placed("reverse-turn")), repertoire);
        RoutineWork free = RoutineWork.of(
                Dance.WALTZ,
                List.of(
                        placed("natural-turn"),
                        new PlacedElement("Pose", Dance.WALTZ.bar()),
                        new PlacedFigure("waltz.reverse-turn", FigureUse.WHOLE, true)),
                repertoire);
        assertThat(work.takesCorner(1)).isTrue();
        assertThat(work.blocks().get(2).corners()).isEqualTo(1);
        assertThat(work.blocks().get(2).roomRotation())
                .isEqualTo(free.blocks().get(2).roomRotation());
    }

    @Test
    void anEmptyRoutineHasNoLengthAndNoFeet() {
        assertThat(work().length().isZero()).isTrue();
        assertThat(work().floor(HALL, Stride.USUAL).footfalls()).isEmpty();
    }

    @Test
    void splitsAFigureIntoPartsThatFollowEachOther() {
        Danceable whole = Danceable.of(
                TestChart.naturalTurn().part(1, 3).part(4, 6).part(1, 2).chart(), FigureUse.WHOLE);
        assertThat(Split.of(whole, true))
                .containsExactly(new Split(
                        new PlacedFigure("natural-turn", FigureUse.ofPart("1-3"), true),
                        new PlacedFigure("natural-turn", FigureUse.ofPart("4-6"), false)));
        assertThat(Split.of(Danceable.of(whole.figure(), FigureUse.ofPart("1-3")), false))
                .isEmpty();
    }
}
