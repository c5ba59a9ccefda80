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
import org.springframework.stereotype.Component;

/** All figures as they stand now: the shipped ones, each replaced by the coach's copy where there is one. */
@Component
public class FigureShelf {
    private final FigureCopyRepository copies;
    private final Map<String, Chart> shipped = new LinkedHashMap<>();
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
        if (current == null) {
            current = build();
            repertoire = current;
        }
        return current;
    }

    private Repertoire build() {
        Map<String, Chart> all = new LinkedHashMap<>(shipped);
        List<FigureCopyEntity> own = new ArrayList<>(copies.findAll());
        own.sort(Comparator.comparing(FigureCopyEntity::id));
        own.forEach(copy -> all.put(copy.id(), copy.toChart()));
        return Repertoire.of(all.values());
    }

    void changed() {
        repertoire = null;
    }
}
