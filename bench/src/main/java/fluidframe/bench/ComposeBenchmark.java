package fluidframe.bench;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Plan;
import fluidframe.library.shipped.ShippedLibrary;
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

/** Routines composed from a plan with three required figures and the best ten wanted. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ComposeBenchmark {
    private final Repertoire repertoire = Repertoire.of(ShippedLibrary.load());
    private final Composer foxtrot = Composer.of(repertoire, Dance.FOXTROT);
    private final Plan plan = Plan.of(32)
            .requiring("foxtrot.reverse-wave", "foxtrot.hover-cross", "foxtrot.top-spin")
            .wanting(10);
    private final Plan longer = Plan.of(64)
            .requiring("foxtrot.reverse-wave", "foxtrot.hover-cross", "foxtrot.top-spin")
            .wanting(10);

    @Benchmark
    public Object composeThirtyTwoBars() {
        return foxtrot.compose(plan);
    }

    @Benchmark
    public Object composeSixtyFourBars() {
        return foxtrot.compose(longer);
    }

    /** Everything of the dance numbered and linked. */
    @Benchmark
    public Object graphOfADance() {
        return Composer.of(Repertoire.of(repertoire.charts()), Dance.FOXTROT);
    }
}
