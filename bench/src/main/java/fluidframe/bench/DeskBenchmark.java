package fluidframe.bench;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import fluidframe.core.motion.Motion;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Plan;
import fluidframe.core.routine.Fillers;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.WayOut;
import fluidframe.library.shipped.ShippedLibrary;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What the routine desk asks for while somebody works at it: each has to follow typing. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class DeskBenchmark {
    private static final int LONG_BARS = 128;

    private final Repertoire repertoire = Repertoire.of(ShippedLibrary.load());
    private final Composer composer = Composer.of(repertoire, Dance.FOXTROT);
    private final List<PlacedFigure> figures =
            composer.compose(Plan.of(LONG_BARS).wanting(1)).best().get(0).figures();
    private final RoutineWork work = RoutineWork.of(Dance.FOXTROT, figures, repertoire);
    private final Hall hall = new Hall(24, 14, new Point(3, 12));
    private final List<PlacedFigure> broken = List.of(
            new PlacedFigure("foxtrot.feather-step", FigureUse.WHOLE, false),
            new PlacedFigure("foxtrot.feather-step", FigureUse.WHOLE, false));

    /** A routine of 128 bars: every join, its place in the music and on the floor. */
    @Benchmark
    public Object checkLongRoutine() {
        return FloorReport.of(RoutineWork.of(Dance.FOXTROT, figures, repertoire), hall, Stride.USUAL);
    }

    /** The same danced: both dancers' curves over 128 bars. */
    @Benchmark
    public Object danceLongRoutine() {
        return Motion.of(work, hall, Stride.USUAL, Motion.Couple.USUAL);
    }

    /** What can follow its last figure. */
    @Benchmark
    public Object successors() {
        return work.successors(work.blocks().size() - 1);
    }

    /** A broken join with all the shortest ways to mend it. */
    @Benchmark
    public Object repair() {
        return RoutineWork.of(Dance.FOXTROT, broken, repertoire);
    }

    /** What could stand in a place of four bars. */
    @Benchmark
    public Object fill() {
        return Fillers.of(work, 2, 4, Beats.of(16), 24);
    }

    /** For every figure of the routine what to do when it is blocked. */
    @Benchmark
    public Object blocked() {
        return WayOut.of(work);
    }

    @Benchmark
    public Object loops() {
        return composer.loops("foxtrot.feather-step", 12);
    }

    /** The map of a dance. */
    @Benchmark
    public Object map() {
        return LinkMap.of(repertoire, Dance.FOXTROT);
    }
}
