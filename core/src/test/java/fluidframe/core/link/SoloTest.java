package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Plan;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.step.Foot;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Figures that one dancer dances alone. */
class SoloTest {
    private static final Chart LEFT =
            TestChart.of("left", """
            lady | 1 | L | forward | facing wall | | BF
            lady | 2 | R | forward | facing wall | | BF
            lady | 3 | L | closes  | facing wall | | BF
            lady | 4 | R | side    | facing wall | | BF
            """).dance(Dance.JIVE).chart();
    private static final Chart RIGHT =
            TestChart.of("right", """
            lady | 1 | R | forward | facing wall | | BF
            lady | 2 | L | forward | facing wall | | BF
            lady | 3 | R | closes  | facing wall | | BF
            lady | 4 | L | side    | facing wall | | BF
            """).dance(Dance.JIVE).chart();
    private static final Chart HIS = TestChart.of("his", """
            man | 1 | L | forward | facing wall | | BF
            man | 2 | R | forward | facing wall | | BF
            man | 3 | L | closes  | facing wall | | BF
            man | 4 | R | side    | facing wall | | BF
            """).dance(Dance.JIVE).chart();
    private static final Chart COUPLE = TestChart.latinBasic().dance(Dance.JIVE).chart();
    private static final Repertoire REPERTOIRE = Repertoire.of(List.of(LEFT, RIGHT, HIS, COUPLE));

    private static Danceable of(Chart chart) {
        return REPERTOIRE.find(chart.id(), FigureUse.WHOLE).orElseThrow();
    }

    @Test
    void followsItselfOnTheFootItLeavesFree() {
        assertThat(Arrival.after(of(LEFT)).free(of(LEFT).leader())).isEqualTo(Foot.LEFT);
        Link again = Linker.link(of(LEFT), of(LEFT));
        assertThat(again.verdict()).isEqualTo(Link.Verdict.YES);
        assertThat(again.conditions())
                .extracting(Condition::kind)
                .doesNotContain(Condition.Kind.MAN_FOOT, Condition.Kind.POSITION, Condition.Kind.HOLD);
        Link other = Linker.link(of(LEFT), of(RIGHT));
        assertThat(other.obstacles()).extracting(Condition::kind).containsExactly(Condition.Kind.LADY_FOOT);
    }

    @Test
    void isNotFollowedByAFigureOfSomebodyElse() {
        for (Danceable next : List.of(of(HIS), of(COUPLE))) {
            Link link = Linker.link(of(LEFT), next);
            assertThat(link.verdict()).isEqualTo(Link.Verdict.NO);
            assertThat(link.obstacles()).extracting(Condition::kind).contains(Condition.Kind.DANCERS);
        }
        assertThat(Linker.link(of(COUPLE), of(LEFT)).obstacles().get(0).reason())
                .isEqualTo("The figure before is danced by both partners and this one by one dancer, the lady.");
        assertThat(REPERTOIRE.graph(Dance.JIVE).after(new DanceGraph.Place(of(LEFT), 0, Beats.ZERO)))
                .extracting(step -> step.to().danced().figure().id())
                .containsOnly("left");
    }

    @Test
    void standsInARoutineAndLoops() {
        RoutineWork work = RoutineWork.of(
                Dance.JIVE,
                List.of(
                        new PlacedFigure("left", FigureUse.WHOLE, false),
                        new PlacedFigure("left", FigureUse.WHOLE, false)),
                REPERTOIRE);
        assertThat(work.junctions()).noneMatch(junction -> junction.isBroken());
        assertThat(work.canRepeat()).isTrue();
        assertThat(work.length()).isEqualTo(Beats.of(8));
    }

    @Test
    void isPlannedWhenItIsAskedForAndNotOtherwise() {
        Composer composer = Composer.of(REPERTOIRE, Dance.JIVE);
        Composition solo = composer.compose(Plan.of(4).beginning(Optional.of("left")));
        assertThat(solo.best().get(0).figures())
                .hasSize(4)
                .extracting(PlacedFigure::figureId)
                .containsOnly("left");
        assertThat(composer.compose(Plan.of(4)).best())
                .flatExtracting(Composition.Proposal::figures)
                .extracting(PlacedFigure::figureId)
                .doesNotContain("left", "right", "his");
    }

    @Test
    void saysWhichFootIsFreeAtTheEndAndWhetherItCanBeginAgain() {
        assertThat(Aftermath.told(LEFT)).isEqualTo("The {lady}'s LF is free. It can begin again as it stands.");
        assertThat(Aftermath.told(COUPLE))
                .isEqualTo("The {man}'s RF and the {lady}'s LF are free. It cannot begin again:"
                        + " The {man}'s RF is free and the figure begins with the LF.");
        assertThat(Aftermath.told(TestChart.naturalTurn().entries("facing DC").chart()))
                .startsWith("The {man}'s RF and the {lady}'s LF are free. It can begin again");
    }

    @Test
    void aFigureBegunWithOneRowInALatinDanceHasAnEndToo() {
        for (Dance dance : Dance.values()) {
            Chart begun = TestChart.of("begun", """
                    man  | 2 | L | forward | facing wall   | | BF
                    lady | 2 | R | back    | facing centre | | BF
                    """).dance(dance).chart();
            assertThat(Aftermath.told(begun))
                    .startsWith("The {man}'s RF and the {lady}'s LF are free. It cannot begin again:");
        }
    }
}
