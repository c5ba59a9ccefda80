package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;
import fluidframe.library.ShippedLibrary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** All figures as they stand now: the shipped ones, each replaced by the coach's copy where there is one. */
@Component
public class FigureShelf {
    private final FigureCopyRepository copies;
    private final CompletableFuture<Map<String, Chart>> shipped;
    private final AtomicInteger generation = new AtomicInteger();
    private final Map<String, ShelvedFigure> shelved = new ConcurrentHashMap<>();
    private final Object building = new Object();
    private volatile Repertoire repertoire;
    private Repertoire latest;

    FigureShelf(FigureCopyRepository copies) {
        this.copies = copies;
        // Read beside the rest of the start, which leaves a processor free.
        this.shipped = CompletableFuture.supplyAsync(FigureShelf::load);
    }

    private static Map<String, Chart> load() {
        Map<String, Chart> charts = new LinkedHashMap<>();
        ShippedLibrary.load().forEach(chart -> charts.put(chart.id(), chart));
        return charts;
    }

    public Optional<Chart> shipped(String id) {
        return Optional.ofNullable(shipped.join().get(id));
    }

    /** Everything that can be danced, worked out; built anew after a chart has changed, by one thread while others wait. */
    public Repertoire repertoire() {
        Repertoire current = repertoire;
        if (current != null) return current;
        synchronized (building) {
            current = repertoire;
            if (current != null) return current;
            int begun = generation.get();
            Repertoire built = build();
            keepIfCurrent(built, begun);
            return built;
        }
    }

    /** A build that a save has overtaken is used once and not kept. */
    private synchronized void keepIfCurrent(Repertoire built, int begun) {
        if (generation.get() == begun) repertoire = built;
    }

    private Repertoire build() {
        Map<String, Chart> all = new LinkedHashMap<>(shipped.join());
        List<FigureCopyEntity> own = new ArrayList<>(copies.findAll());
        own.sort(Comparator.comparing(FigureCopyEntity::id));
        own.forEach(copy -> copy.toChart().ifPresent(chart -> all.put(copy.id(), chart)));
        Repertoire before = latest;
        latest = before == null ? Repertoire.of(all.values()) : before.with(all.values());
        return latest;
    }

    /** What the lists and the search say of a figure, worked out once for each state of its chart. */
    ShelvedFigure shelved(Chart chart) {
        return shelved.compute(
                chart.id(),
                (id, known) -> known != null && known.chart().equals(chart)
                        ? known
                        : ShelvedFigure.of(repertoire()
                                .find(id, FigureUse.WHOLE)
                                .orElseGet(() -> Danceable.of(chart, FigureUse.WHOLE))));
    }

    synchronized void changed() {
        generation.incrementAndGet();
        repertoire = null;
    }
}
