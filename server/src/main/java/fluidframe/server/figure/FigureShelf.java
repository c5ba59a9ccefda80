package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.link.Repertoire;
import fluidframe.library.ShippedLibrary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** All figures as they stand now: the shipped ones, each replaced by the coach's copy where there is one. */
@Component
public class FigureShelf {
    private final FigureCopyRepository copies;
    private final Map<String, Chart> shipped = new LinkedHashMap<>();
    private final AtomicInteger generation = new AtomicInteger();
    private volatile Repertoire repertoire;

    FigureShelf(FigureCopyRepository copies) {
        this.copies = copies;
        ShippedLibrary.load().forEach(chart -> shipped.put(chart.id(), chart));
    }

    public Optional<Chart> shipped(String id) {
        return Optional.ofNullable(shipped.get(id));
    }

    /** Everything that can be danced, worked out; built anew after a chart has changed. */
    public Repertoire repertoire() {
        Repertoire current = repertoire;
        if (current != null) return current;
        int begun = generation.get();
        Repertoire built = build();
        keepIfCurrent(built, begun);
        return built;
    }

    /** A build that a save has overtaken is used once and not kept. */
    private synchronized void keepIfCurrent(Repertoire built, int begun) {
        if (generation.get() == begun) repertoire = built;
    }

    private Repertoire build() {
        Map<String, Chart> all = new LinkedHashMap<>(shipped);
        List<FigureCopyEntity> own = new ArrayList<>(copies.findAll());
        own.sort(Comparator.comparing(FigureCopyEntity::id));
        own.forEach(copy -> all.put(copy.id(), copy.toChart()));
        return Repertoire.of(all.values());
    }

    synchronized void changed() {
        generation.incrementAndGet();
        repertoire = null;
    }
}
