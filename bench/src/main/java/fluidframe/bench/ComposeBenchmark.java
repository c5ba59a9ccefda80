package fluidframe.bench;

import fluidframe.core.count.Dance;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Ground;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Watch;
import fluidframe.library.shipped.ShippedLibrary;
import java.util.Optional;
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

    private final Plan round = plan.closing(true)
            .differing(1 / 3.0)
            .wanting(5)
            .on(Optional.of(new Ground(24, 14, Stride.usual(Dance.FOXTROT), 0.8)));

    /** Five that differ by a third, stay on 24 x 14 m, close, and use 80 % of each long side. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    @Measurement(iterations = 5, time = 5)
    public Object composeRoundAFloor() {
        return foxtrot.compose(round, 3, Watch.NOBODY);
    }

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
