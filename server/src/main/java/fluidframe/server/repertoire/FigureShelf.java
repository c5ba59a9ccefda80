package fluidframe.server.repertoire;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.server.store.BinListener;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** All figures as they stand now: the shipped ones, each replaced by the coach's copy where there is one. */
@Component
public class FigureShelf implements BinListener {
    /** A figure in a list, and whether the coach has a chart of it. */
    public record Listed(FigureListing listing, boolean own) {}

    private record Own(Instant savedAt, Chart chart) {}

    private final Documents<Chart, FigureListing> own;
    private final CompletableFuture<Map<String, Chart>> shipped;
    private final AtomicInteger generation = new AtomicInteger();
    private final Map<String, FigureListing> shippedListings = new ConcurrentHashMap<>();
    private final Object building = new Object();
    private Map<String, Own> read = Map.of();
    private volatile Repertoire repertoire;
    private volatile Map<String, FigureListing> ownListings;
    private Repertoire latest;

    FigureShelf(Documents<Chart, FigureListing> own) {
        this.own = own;
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
            keepIfCurrent(() -> repertoire = built, begun);
            return built;
        }
    }

    /** What a save has overtaken is used once and not kept. */
    private synchronized void keepIfCurrent(Runnable keep, int begun) {
        if (generation.get() == begun) keep.run();
    }

    private Repertoire build() {
        Map<String, Chart> all = new LinkedHashMap<>(shipped.join());
        read = readOwn();
        new TreeMap<>(read).forEach((id, mine) -> all.put(id, mine.chart()));
        Repertoire before = latest;
        latest = before == null ? Repertoire.of(all.values()) : before.with(all.values());
        return latest;
    }

    /** Only what has been saved since is read again. */
    private Map<String, Own> readOwn() {
        Map<String, Own> now = new HashMap<>();
        own.saved().forEach((id, savedAt) -> {
            Own known = read.get(id);
            if (known != null && known.savedAt().equals(savedAt)) now.put(id, known);
            else own.find(id).ifPresent(kept -> now.put(id, new Own(kept.savedAt(), kept.value())));
        });
        return now;
    }

    /** What lists and searches know of the figures of a dance, or of all. */
    public List<Listed> listed(Optional<Dance> dance) {
        Map<String, FigureListing> mine = ownListings();
        Map<String, Listed> all = new LinkedHashMap<>();
        shipped.join().forEach((id, chart) -> {
            if (dance.isPresent() && chart.dance() != dance.get()) return;
            FigureListing copy = mine.get(id);
            all.put(id, copy != null ? new Listed(copy, true) : new Listed(listing(chart), false));
        });
        String of = dance.map(Dance::toString).orElse("");
        new TreeMap<>(mine).forEach((id, listing) -> {
            if (of.isEmpty() || listing.summary().dance().equals(of)) all.put(id, new Listed(listing, true));
        });
        return new ArrayList<>(all.values());
    }

    /** How many figures there are of each dance; no chart is read for it. */
    Map<String, Long> counts() {
        Set<String> ids = new HashSet<>(shipped.join().keySet());
        ids.addAll(own.saved().keySet());
        return ids.stream()
                .collect(Collectors.groupingBy(id -> id.substring(0, id.indexOf('.')), Collectors.counting()));
    }

    private FigureListing listing(Chart chart) {
        return shippedListings.computeIfAbsent(chart.id(), id -> FigureListing.of(chart));
    }

    private Map<String, FigureListing> ownListings() {
        Map<String, FigureListing> current = ownListings;
        if (current != null) return current;
        int begun = generation.get();
        Map<String, FigureListing> built = own.summaries();
        keepIfCurrent(() -> ownListings = built, begun);
        return built;
    }

    /** Works the shipped figures out, so that no list waits for it. */
    void warm() {
        shipped.join().values().forEach(this::listing);
    }

    /** A figure has been saved, or has gone or come back. */
    public void changed(String id) {
        forget();
        // What was worked out between the save and now was worked out with the charts of before.
        own.outdateUsersOf(id);
    }

    private synchronized void forget() {
        generation.incrementAndGet();
        repertoire = null;
        ownListings = null;
    }

    @Override
    public void changed(Kind kind, String id) {
        if (kind == Kind.FIGURE) changed(id);
    }

    /** The coach's chart of a figure, if there is one. */
    public Optional<Document<Chart>> own(String id) {
        return own.find(id);
    }
}
