package fluidframe.bench;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Plan;
import fluidframe.library.shipped.ShippedLibrary;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The planner beside a general constraint solver on the same plan over the whole slow foxtrot; both prove the best. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 1, time = 1)
@Measurement(iterations = 2, time = 1)
public class YardstickBenchmark {
    private static final String REQUIRED = "foxtrot.reverse-wave";
    private static final int PATIENCE_SECONDS = 600;

    @Param({"4", "6", "8"})
    private int bars;

    private final Repertoire repertoire = Repertoire.of(ShippedLibrary.load());
    private final Composer composer = Composer.of(repertoire, Dance.FOXTROT);
    private final Yardstick yardstick = new Yardstick(repertoire, Dance.FOXTROT);

    /** Times mean nothing unless both answer alike. */
    @Setup
    public void agree() {
        int planned =
                ((fluidframe.core.plan.Composition) planner()).best().get(0).score();
        int solved = yardstick.best(bars, List.of(REQUIRED), PATIENCE_SECONDS).orElseThrow();
        if (planned != Math.floorDiv(solved, 10)) {
            throw new IllegalStateException("The planner says " + planned + " and the solver " + solved / 10.0);
        }
    }

    @Benchmark
    public Object planner() {
        return composer.compose(Plan.of(bars).requiring(REQUIRED).wanting(1));
    }

    @Benchmark
    public Object solver() {
        return yardstick.best(bars, List.of(REQUIRED), PATIENCE_SECONDS);
    }
}
