package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Finish;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import java.util.List;
import org.junit.jupiter.api.Test;

class LinkerTest {
    private static Danceable of(TestChart chart) {
        return Danceable.of(chart.chart(), FigureUse.WHOLE);
    }

    private static List<Condition.Kind> obstacles(Link link) {
        return link.obstacles().stream().map(Condition::kind).toList();
    }

    @Test
    void saysYesWhenEverythingAgrees() {
        Link link = Linker.link(of(TestChart.naturalTurn()), of(TestChart.closedChange()));
        assertThat(link.verdict()).isEqualTo(Link.Verdict.YES);
        assertThat(link.obstacles()).isEmpty();
        assertThat(link.conditions()).hasSize(Condition.Kind.values().length - 1);
        assertThat(link.conditions()).extracting(Condition::kind).doesNotContain(Condition.Kind.DANCERS);
    }

    @Test
    void tellsTheFeetOfBothBeforeAnythingElse() {
        Link link = Linker.link(of(TestChart.naturalTurn()), of(TestChart.doubleReverse()));
        assertThat(link.verdict()).isEqualTo(Link.Verdict.NO);
        assertThat(obstacles(link)).containsExactly(Condition.Kind.MAN_FOOT, Condition.Kind.LADY_FOOT);
        assertThat(link.obstacles().get(0).reason())
                .isEqualTo("The man's RF is free and the figure begins with the LF.");
    }

    @Test
    void findsTheCornerThatMakesAnAlignmentPossible() {
        Link link = Linker.link(of(TestChart.naturalTurn()), of(TestChart.naturalTurn()));
        assertThat(link.verdict()).isEqualTo(Link.Verdict.YES_IF);
        assertThat(link.adjustments()).first().isEqualTo(new Adjustment(true, 0, Ending.AS_CHARTED));
        assertThat(link.obstacles())
                .singleElement()
                .extracting(Condition::reason)
                .isEqualTo("The man is left facing DC and the figure begins facing DW.");
    }

    @Test
    void proposesMoreOrLessOfTheLastTurnWhereTheFigureAllowsIt() {
        TestChart before = TestChart.naturalTurn().finish(new Finish(false, 2, 2));
        TestChart after = TestChart.closedChange()
                .with(Role.MAN, 1, "align", "facing LOD")
                .with(Role.MAN, 2, "align", "facing LOD")
                .with(Role.MAN, 3, "align", "facing LOD")
                .with(Role.LADY, 1, "align", "backing LOD")
                .with(Role.LADY, 2, "align", "backing LOD")
                .with(Role.LADY, 3, "align", "backing LOD");
        assertThat(Linker.link(of(before), of(after)).adjustments())
                .containsExactly(
                        new Adjustment(false, 2, Ending.AS_CHARTED), new Adjustment(true, -2, Ending.AS_CHARTED));
        assertThat(Linker.link(of(before), of(after)).adjustments().get(1).words())
                .isEqualTo("turn 1/8 less at the end of the figure before and take the corner here");
        assertThat(Linker.link(of(TestChart.naturalTurn()), of(after)).verdict())
                .isEqualTo(Link.Verdict.NO);
    }

    @Test
    void beginsOnAnyAlignmentTheFigureLists() {
        Danceable whisk = of(TestChart.whisk());
        Arrival arrival = Arrival.after(of(TestChart.closedChange()));
        assertThat(Linker.link(arrival, whisk).verdict()).isEqualTo(Link.Verdict.YES_IF);
        assertThat(Linker.link(arrival, of(TestChart.whisk().entries("facing DC")))
                        .rotation())
                .isEqualTo(12);
        assertThat(Linker.link(arrival, of(TestChart.whisk().entries("facing DC")))
                        .verdict())
                .isEqualTo(Link.Verdict.YES);
    }

    @Test
    void refusesPositionsThatDoNotMatch() {
        Link link = Linker.link(of(TestChart.whisk()), of(TestChart.naturalTurn()));
        assertThat(obstacles(link)).contains(Condition.Kind.POSITION);
        Link into = Linker.link(
                of(TestChart.naturalTurn()), of(TestChart.closedChange().startingIn(CouplePosition.PROMENADE)));
        assertThat(obstacles(into)).containsExactly(Condition.Kind.POSITION);
    }

    @Test
    void asksWhetherAFigureMayBeginOutsidePartner() {
        TestChart before = TestChart.naturalTurn().finish(new Finish(true, 0, 0));
        assertThat(obstacles(Linker.link(of(before), of(TestChart.closedChange()))))
                .containsExactly(Condition.Kind.OUTSIDE);
        assertThat(Linker.link(of(before), of(TestChart.closedChange().outsideAllowed()))
                        .verdict())
                .isEqualTo(Link.Verdict.YES);
    }

    @Test
    void keepsTheBeat() {
        TestChart shorter = TestChart.closedChange().without(Role.MAN, 3).without(Role.LADY, 3);
        Link link = Linker.link(of(shorter), of(TestChart.naturalTurn().entries("facing DC")));
        assertThat(obstacles(link)).contains(Condition.Kind.BEAT);
        assertThat(link.conditions().stream()
                        .filter(c -> c.kind() == Condition.Kind.BEAT)
                        .findFirst()
                        .orElseThrow()
                        .reason())
                .isEqualTo("The music is on beat 3 and the figure begins on beat 1.");
    }

    @Test
    void refusesToGoBackTheWayTheCoupleCame() {
        TestChart backward = TestChart.of("backward", """
                man  | 1 | L | back    | backing DWA | | TH | commence at end, NFR | |
                man  | 2 | R | back    | backing DWA | | T  | up, lower at end     | |
                lady | 1 | R | forward | facing DWA  | | HT | commence at end      | |
                lady | 2 | L | forward | facing DWA  | | T  | up, lower at end     | |
                """);
        Link link = Linker.link(
                of(TestChart.closedChange()
                        .with(Role.MAN, 2, "place", "forward")
                        .with(Role.LADY, 2, "place", "back")),
                of(backward));
        assertThat(obstacles(link)).containsExactly(Condition.Kind.TRAVEL);
        assertThat(link.obstacles().get(0).reason()).contains("back the way it came");
    }

    @Test
    void aCloseAloneDoesNotTurnTheSwingAbout() {
        TestChart backOnTheLeft = TestChart.of("back-on-the-left", """
                man  | 1 | L | back    | backing DWA | | TH | commence at end, NFR | |
                lady | 1 | R | forward | facing DWA  | | HT | commence at end      | |
                """);
        assertThat(obstacles(Linker.link(of(TestChart.closedChange()), of(backOnTheLeft))))
                .containsExactly(Condition.Kind.TRAVEL);
        assertThat(obstacles(Linker.link(
                        of(TestChart.closedChange().with(Role.MAN, 3, "place", "closes checked")), of(backOnTheLeft))))
                .isEmpty();
    }

    @Test
    void aFigureMayAskForACheckOfAStepOutsideThePartner() {
        TestChart swivel = TestChart.of("swivel", """
                man  | 1 | L | back    | backing DWA | | TH | | |
                lady | 1 | R | forward | facing DWA  | | HT | | |
                """);
        TestChart outside = TestChart.closedChange()
                .with(Role.MAN, 3, "place", "forward outside partner")
                .with(Role.LADY, 3, "place", "back partner outside");
        assertThat(obstacles(Linker.link(of(outside), of(swivel)))).contains(Condition.Kind.TRAVEL);
        assertThat(obstacles(Linker.link(of(outside), of(swivel.fromCheck())))).doesNotContain(Condition.Kind.TRAVEL);
        assertThat(obstacles(Linker.link(of(TestChart.closedChange()), of(swivel))))
                .contains(Condition.Kind.TRAVEL);
    }

    @Test
    void armsLengthIsNotAClosedHoldUnlessTheLastStepBringsThemTogether() {
        TestChart away =
                TestChart.latinBasic().startingIn(CouplePosition.OPEN_FACING).holding(Hold.LEFT_TO_RIGHT);
        Link byAChasse = Linker.link(of(away), of(closedHalf()));
        assertThat(byAChasse.verdict()).isEqualTo(Link.Verdict.YES_IF);
        assertThat(byAChasse.adjustments()).containsExactly(new Adjustment(false, 0, Ending.NEARER));
        assertThat(byAChasse.adjustments().get(0).words())
                .isEqualTo("dance the last step before it nearer, into closed hold");
        Danceable nearer = Danceable.of(away.chart(), FigureUse.WHOLE.withEnding(Ending.NEARER));
        assertThat(Linker.link(nearer, of(closedHalf())).verdict()).isEqualTo(Link.Verdict.YES);

        TestChart apart = TestChart.latinBasic()
                .startingIn(CouplePosition.OPEN_FACING)
                .holding(Hold.LEFT_TO_RIGHT)
                .with(Role.MAN, 5, "place", "back");
        Link byAWalk = Linker.link(of(apart), of(closedHalf()));
        assertThat(byAWalk.verdict()).isEqualTo(Link.Verdict.NO);
        assertThat(byAWalk.obstacles().get(0).reason())
                .isEqualTo("The couple is left in open facing position and the figure begins in closed position:"
                        + " they stand 0.85 m apart and would have to be 0.35 m.");

        TestChart bothHands =
                TestChart.latinBasic().startingIn(CouplePosition.OPEN_FACING).holding(Hold.DOUBLE);
        assertThat(Linker.link(of(bothHands), of(closedHalf())).verdict()).isEqualTo(Link.Verdict.YES);
    }

    private static TestChart closedHalf() {
        return TestChart.of("closed-half", """
                        man  | 2   | R | back            | facing wall   | | BF
                        man  | 3   | L | replaces weight | facing wall   | | BF
                        man  | 4.1 | R | side            | facing wall   | | BF
                        lady | 2   | L | forward         | facing centre | | BF
                        lady | 3   | R | replaces weight | facing centre | | BF
                        lady | 4.1 | L | side            | facing centre | | BF
                        """).dance(Dance.CHA_CHA).holding(Hold.CLOSED_NO_CONTACT);
    }

    @Test
    void offersWholeFiguresPartsAndNothingElse() {
        Repertoire repertoire = Repertoire.of(List.of(
                TestChart.naturalTurn().part(1, 3).chart(), TestChart.whisk().chart()));
        assertThat(repertoire.of(TestChart.whisk().chart().dance()).stream().map(Danceable::name))
                .containsExactly("natural-turn", "natural-turn 1-3", "whisk");
        assertThat(repertoire.find("whisk", FigureUse.WHOLE.withLastTurn(2))).isPresent();
        assertThat(repertoire.find("whisk", FigureUse.ofVariant("x"))).isEmpty();
        assertThat(repertoire.chart("nothing")).isEmpty();
    }
}
