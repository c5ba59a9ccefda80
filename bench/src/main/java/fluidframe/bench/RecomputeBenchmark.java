package fluidframe.bench;

import fluidframe.core.chart.Chart;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.Role;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Linker;
import fluidframe.core.link.Repertoire;
import fluidframe.core.proposal.PartnerDerivation;
import fluidframe.core.rule.Sheet;
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

/** What has to follow typing: one chart worked out with all rules, and every link of a dance. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RecomputeBenchmark {
    private final List<Chart> charts = ShippedLibrary.load();
    private final Chart weave = chart("waltz.weave-from-promenade");
    private final Chart sixteen = chart("paso-doble.sixteen");
    private final List<Danceable> danceables = Repertoire.of(charts).of(weave.dance());

    private Chart chart(String id) {
        return charts.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
    }

    /** Ledger, floor and every rule over a two-bar figure of six rows for each role. */
    @Benchmark
    public Object recomputeOneChart() {
        return RuleBook.standard().check(Sheet.of(weave));
    }

    /** The same over sixteen rows for each role. */
    @Benchmark
    public Object recomputeSixteenRows() {
        return RuleBook.standard().check(Sheet.of(sixteen));
    }

    /** The partner's sixteen rows derived. */
    @Benchmark
    public Object derivePartner() {
        return PartnerDerivation.of(sixteen, Role.MAN);
    }

    /** Every pair of everything that can be danced in the waltz. */
    @Benchmark
    public int allLinks() {
        int possible = 0;
        for (Danceable before : danceables) {
            for (Danceable after : danceables)
                possible += Linker.link(before, after).adjustments().size();
        }
        return possible;
    }
}
