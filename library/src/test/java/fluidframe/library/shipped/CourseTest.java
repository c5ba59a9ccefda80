package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Condition;
import fluidframe.core.plan.Course;
import fluidframe.core.plan.Loops;
import fluidframe.core.plan.Plan;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Ways round the floor and practice loops over the shipped library, held against plain enumeration. */
class CourseTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());
    private static final Set<String> FEW = Set.of(
            "waltz.natural-turn",
            "waltz.reverse-turn",
            "waltz.closed-change-right",
            "waltz.closed-change-left",
            "waltz.whisk",
            "waltz.chasse-from-promenade");
    private static final int BACK = -4;

    private static Repertoire few() {
        return Repertoire.of(
                REPERTOIRE.charts().stream().filter(c -> FEW.contains(c.id())).toList());
    }

    /** A way through the graph as it is walked: half metres danced on the side, and the side. */
    private record Walked(DanceGraph.Place at, int side, int danced) {
        /** Empty if the step leaves the course. */
        Optional<Walked> then(DanceGraph.Step step, List<Double> sides, double tolerance) {
            boolean corner = step.adjusted().corner();
            boolean far = danced >= Math.ceil((sides.get(side) - tolerance) * 2);
            if (corner && (!far || side + 1 == sides.size())) return Optional.empty();
            int next = corner ? side + 1 : side;
            int now = (corner ? 0 : danced) + halfMetres(step.to());
            boolean within = now >= BACK && now <= Math.floor((sides.get(next) + tolerance) * 2);
            return within ? Optional.of(new Walked(step.to(), next, now)) : Optional.empty();
        }
    }

    private static int halfMetres(DanceGraph.Place place) {
        int decimetres = (int) Math.round(place.danced().advance(place.rotation()) * 10);
        return (int) Math.round(decimetres / 5.0);
    }

    private static long count(DanceGraph graph, Walked walked, Beats left, Course course) {
        int still = left.compareTo(walked.at().danced().chart().length());
        if (still < 0) return 0;
        List<Double> sides = course.sides();
        if (still == 0) {
            boolean last = walked.side() == sides.size() - 1;
            boolean far = walked.danced() >= Math.ceil((sides.get(walked.side()) - course.tolerance()) * 2);
            return last && far ? 1 : 0;
        }
        Beats after = left.minus(walked.at().danced().chart().length());
        long found = 0;
        for (DanceGraph.Place to : graph.after(walked.at()).stream()
                .map(DanceGraph.Step::to)
                .distinct()
                .toList()) {
            Optional<DanceGraph.Step> cheapest = graph.after(walked.at()).stream()
                    .filter(step -> step.to().equals(to))
                    .min((a, b) -> a.adjusted().cost() - b.adjusted().cost());
            Optional<Walked> next = walked.then(cheapest.orElseThrow(), sides, course.tolerance());
            if (next.isPresent()) found += count(graph, next.get(), after, course);
        }
        return found;
    }

    @Test
    void countsTheWaysRoundAsPlainEnumerationDoes() {
        Repertoire few = few();
        Composer composer = Composer.of(few, Dance.WALTZ);
        DanceGraph graph = few.graph(Dance.WALTZ);
        long all = 0;
        for (Course course : List.of(
                new Course(List.of(4.0), 1), new Course(List.of(3.0, 2.0), 1), new Course(List.of(5.0, 3.0), 2))) {
            for (int bars = 4; bars <= 7; bars++) {
                long expected = 0;
                for (Chart chart : few.charts()) {
                    for (DanceGraph.Place place : graph.beginnings(chart.id())) {
                        int danced = halfMetres(place);
                        boolean within = danced >= BACK
                                && danced <= Math.floor((course.sides().get(0) + course.tolerance()) * 2);
                        if (place.rotation() == 0 && within) {
                            expected += count(graph, new Walked(place, 0, danced), Beats.of(bars * 3), course);
                        }
                    }
                }
                Composition found = composer.compose(Plan.of(bars).along(Optional.of(course)));
                assertThat(found.count()).as(bars + " bars, " + course).isEqualTo(BigInteger.valueOf(expected));
                all += expected;
            }
        }
        assertThat(all).isPositive();
    }

    @Test
    void namesTheCourseWhenItCannotBeMet() {
        Course course = new Course(List.of(40.0), 1);
        Plan plan = Plan.of(2).along(Optional.of(course));
        assertThat(Composer.of(few(), Dance.WALTZ).compose(plan).contradiction())
                .containsExactly(new Condition.Along(course), new Condition.Lasts(2));
        assertThatThrownBy(() -> new Course(List.of(), 1)).hasMessageContaining("1 to 4 sides");
        assertThatThrownBy(() -> new Course(List.of(8.0), 9)).hasMessageContaining("but not by 9.0");
    }

    @ParameterizedTest
    @EnumSource(Dance.class)
    void everyLoopOfTheLibraryHoldsWhenItIsDancedAgain(Dance dance) {
        Composer composer = Composer.of(REPERTOIRE, dance);
        int loops = 0;
        List<Chart> charts =
                REPERTOIRE.charts().stream().filter(c -> c.dance() == dance).toList();
        for (int i = 0; i < charts.size(); i += 5) {
            if (REPERTOIRE.usesOf(charts.get(i).id()).isEmpty()) continue;
            for (Loops.Loop loop : composer.loops(charts.get(i).id(), 3)) {
                assertThat(loop.figures().get(0).figureId())
                        .isEqualTo(charts.get(i).id());
                List<PlacedFigure> twice = new ArrayList<>(loop.figures());
                twice.addAll(loop.figures());
                twice.set(
                        0,
                        new PlacedFigure(twice.get(0).figureId(), twice.get(0).use(), false));
                RoutineWork work = RoutineWork.of(dance, twice, REPERTOIRE);
                boolean startsAsCharted = work.blocks().get(0).rotation() == 0;
                if (startsAsCharted && work.junctions().stream().anyMatch(Junction::isBroken)) {
                    // A loop may need another alignment to begin on than the charted one.
                    work = anyStart(dance, twice);
                }
                assertThat(work.junctions()).as(twice.toString()).noneMatch(Junction::isBroken);
                loops++;
            }
        }
        assertThat(loops).isPositive();
    }

    private static RoutineWork anyStart(Dance dance, List<PlacedFigure> figures) {
        for (int turn = 1; turn < 16; turn++) {
            RoutineWork work = RoutineWork.of(dance, figures, REPERTOIRE, turn);
            if (work.junctions().stream().noneMatch(Junction::isBroken)) return work;
        }
        return RoutineWork.of(dance, figures, REPERTOIRE);
    }

    @ParameterizedTest
    @EnumSource(
            value = Dance.class,
            mode = EnumSource.Mode.MATCH_NONE,
            names = {"AMERICAN_.*", "EAST_.*"})
    void everyRepairOfABrokenJoinMendsIt(Dance dance) {
        List<Chart> charts = REPERTOIRE.charts().stream()
                .filter(c -> c.dance() == dance && !REPERTOIRE.usesOf(c.id()).isEmpty())
                .toList();
        int mended = 0;
        for (int i = 0; i < charts.size(); i += 3) {
            Chart first = charts.get(i);
            Chart second = charts.get((i * 7 + 3) % charts.size());
            List<PlacedFigure> pair = List.of(plain(first), plain(second));
            RoutineWork work = RoutineWork.of(dance, pair, REPERTOIRE);
            Junction join = work.junctions().get(0);
            for (var repair : work.repairs(join)) {
                List<PlacedFigure> figures = new ArrayList<>(repair.figures().stream()
                        .map(f -> new PlacedFigure(f.figure().id(), f.use(), false))
                        .toList());
                switch (repair.kind()) {
                    case BETWEEN -> {
                        figures.add(0, pair.get(0));
                        figures.add(pair.get(1));
                    }
                    case BEFORE -> figures.add(pair.get(1));
                    case AFTER -> figures.add(0, pair.get(0));
                    default -> throw new IllegalStateException(repair.kind().toString());
                }
                assertThat(RoutineWork.of(dance, figures, REPERTOIRE).junctions())
                        .as(repair.kind() + " " + figures)
                        .noneMatch(Junction::isBroken);
                mended++;
            }
        }
        assertThat(mended).isPositive();
    }

    private static PlacedFigure plain(Chart chart) {
        return new PlacedFigure(chart.id(), fluidframe.core.chart.FigureUse.WHOLE, false);
    }
}
