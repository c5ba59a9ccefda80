package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RoutineReportsTest {
    private static final Hall HALL = new Hall(24, 14, new Point(4, 12));

    private final Repertoire repertoire = Repertoire.of(List.of(
            TestChart.naturalTurn().part(1, 3).follows("closed-change").chart(),
            TestChart.closedChange().entries("facing DW", "facing LOD").chart(),
            TestChart.whisk().entries("facing DC").chart(),
            TestChart.doubleReverse().entries("facing DW").chart()));

    private RoutineWork work(String... figures) {
        return RoutineWork.of(
                Dance.WALTZ,
                Stream.of(figures)
                        .map(text -> new PlacedFigure(text.replace("+", ""), FigureUse.WHOLE, text.startsWith("+")))
                        .toList(),
                repertoire);
    }

    @Test
    void theBudgetCountsFiguresPhrasesAndTurns() {
        Budget budget = Budget.of(work("natural-turn", "closed-change", "double-reverse", "closed-change"), 2);
        assertThat(budget.figures()).containsEntry("closed-change", 2).containsEntry("natural-turn", 1);
        assertThat(budget.phrases()).isEqualTo(3);
        assertThat(budget.phraseHits()).isEqualTo(3);
        Budget across = Budget.of(work("closed-change", "natural-turn"), 2);
        assertThat(across.missed()).containsExactly(2);
        assertThat(across.turnRight()).isEqualTo(12);
        assertThat(across.turnLeft()).isZero();
        assertThat(Budget.of(work(), 8).phrases()).isZero();
    }

    @Test
    void theFloorReportMeasuresSidesAndCornersTaken() {
        FloorReport report = FloorReport.of(work("natural-turn", "+natural-turn"), HALL, Stride.USUAL);
        FloorReport.Side first = report.sides().get(0);
        assertThat(first.side()).isZero();
        assertThat(first.along()).isGreaterThan(1);
        assertThat(first.left()).isLessThan(24 - 4 - 1);
        assertThat(report.sides().get(1).side()).isEqualTo(1);
        assertThat(report.sides().get(1).left()).isLessThan(12);
        assertThat(report.notes()).isEmpty();
        Hall tight = new Hall(24, 14, new Point(23, 12));
        assertThat(FloorReport.of(work("natural-turn"), tight, Stride.USUAL).notes())
                .singleElement()
                .satisfies(note -> {
                    assertThat(note.leaves()).isTrue();
                    assertThat(note.words()).contains("(bar 1) leaves the floor by");
                });
    }

    @Test
    void aTurnTakenOnEverySideGoesRoundFourTimesAndCloses() {
        Circuit circuit = Circuit.of(work("natural-turn"), new Hall(24, 14, new Point(12, 10)), Stride.USUAL)
                .orElseThrow();
        assertThat(circuit.times()).isEqualTo(4);
        assertThat(circuit.length()).hasToString("24");
        assertThat(circuit.isClosed()).as("gap of %s m", circuit.gapMetres()).isTrue();
        assertThat(circuit.outsideMetres()).isZero();
        assertThat(Circuit.of(work("natural-turn", "closed-change"), HALL, Stride.USUAL))
                .isEmpty();
    }

    @Test
    void whatFillsAPlaceLastsAsLongAndJoinsAtBothEnds() {
        RoutineWork work = work("closed-change", "double-reverse", "closed-change");
        List<List<Danceable>> fillers = Fillers.of(work, 1, 2, Beats.of(3), 20);
        for (List<Danceable> chain : fillers) {
            List<PlacedFigure> figures = new ArrayList<>();
            figures.add(new PlacedFigure("closed-change", FigureUse.WHOLE, false));
            chain.forEach(f -> figures.add(new PlacedFigure(f.figure().id(), f.use(), false)));
            figures.add(new PlacedFigure("closed-change", FigureUse.WHOLE, false));
            RoutineWork changed = RoutineWork.of(Dance.WALTZ, figures, repertoire);
            assertThat(changed.length()).isEqualTo(work.length());
        }
        assertThat(Fillers.of(work("natural-turn", "closed-change"), 0, 1, Beats.of(6), 5))
                .noneMatch(chain -> chain.size() == 1 && chain.get(0).name().equals("natural-turn"));
        assertThatThrownBy(() -> Fillers.of(work, 2, 9, Beats.of(3), 5)).hasMessageContaining("which has 3");
    }

    @Test
    void theWayOutOfABlockLeadsBackIntoTheRoutine() {
        RoutineWork work = work("natural-turn", "closed-change", "double-reverse", "closed-change");
        List<Optional<WayOut>> ways = WayOut.of(work);
        assertThat(ways).hasSize(4);
        assertThat(ways.stream().flatMap(Optional::stream)).allSatisfy(way -> {
            List<PlacedFigure> danced = new ArrayList<>();
            Danceable first = way.cut().orElse(work.blocks().get(way.block()).danced());
            danced.add(new PlacedFigure(first.figure().id(), first.use(), false));
            way.instead().forEach(f -> danced.add(new PlacedFigure(f.figure().id(), f.use(), false)));
            Danceable next = work.blocks().get(way.rejoin()).danced();
            danced.add(new PlacedFigure(next.figure().id(), next.use(), false));
            RoutineWork detour = RoutineWork.of(
                    Dance.WALTZ,
                    danced,
                    repertoire,
                    work.blocks().get(way.block()).rotation());
            assertThat(detour.junctions()).noneMatch(Junction::isBroken);
        });
    }

    @Test
    void theMapSetsFiguresThatBeginAndEndAlikeTogether() {
        LinkMap map = LinkMap.of(repertoire, Dance.WALTZ);
        assertThat(map.beginnings().stream()
                        .mapToInt(band -> band.figures().size())
                        .sum())
                .isEqualTo(4);
        assertThat(map.endings().stream()
                        .mapToInt(band -> band.figures().size())
                        .sum())
                .isEqualTo(4);
        assertThat(map.cells())
                .filteredOn(cell ->
                        cell.before().equals("natural-turn") && cell.after().equals("closed-change"))
                .singleElement()
                .matches(LinkMap.Cell::customary);
        for (LinkMap.Cell cell : map.cells()) {
            boolean joins = repertoire.usesOf(cell.before()).stream()
                    .filter(d -> d.use().equals(FigureUse.WHOLE))
                    .flatMap(d -> d.entryRotations().stream())
                    .anyMatch(turn -> RoutineWork.of(
                                            Dance.WALTZ,
                                            List.of(
                                                    new PlacedFigure(cell.before(), FigureUse.WHOLE, false),
                                                    new PlacedFigure(cell.after(), FigureUse.WHOLE, false)),
                                            repertoire,
                                            turn)
                                    .junctions()
                                    .get(0)
                                    .link()
                                    .verdict()
                            == Link.Verdict.YES);
            assertThat(joins).isEqualTo(cell.best().verdict() == Link.Verdict.YES);
        }
    }
}
