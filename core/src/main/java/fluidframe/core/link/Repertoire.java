package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Dance;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The figures at hand, with everything that can be danced of them worked out once. Immutable. */
public final class Repertoire {
    private final Map<String, Chart> charts = new LinkedHashMap<>();
    private final List<Danceable> danceables = new ArrayList<>();

    private Repertoire(Collection<Chart> all) {
        for (Chart chart : all) {
            charts.put(chart.id(), chart);
            if (chart.man().isEmpty() || chart.lady().isEmpty()) continue;
            for (FigureUse use : usesOf(chart)) {
                Chart danced = use.of(chart);
                if (!danced.man().isEmpty() && !danced.lady().isEmpty()) danceables.add(Danceable.of(chart, use));
            }
        }
    }

    public static Repertoire of(Collection<Chart> charts) {
        return new Repertoire(charts);
    }

    private static List<FigureUse> usesOf(Chart chart) {
        List<FigureUse> uses = new ArrayList<>(List.of(FigureUse.WHOLE));
        chart.variants().forEach(v -> uses.add(new FigureUse(Optional.of(v.id()), Optional.empty(), 0)));
        chart.parts().forEach(p -> uses.add(new FigureUse(Optional.empty(), Optional.of(p.id()), 0)));
        return uses;
    }

    public Optional<Chart> chart(String id) {
        return Optional.ofNullable(charts.get(id));
    }

    public Collection<Chart> charts() {
        return List.copyOf(charts.values());
    }

    /** Whole figures, variants and parts of one dance, in library order. */
    public List<Danceable> of(Dance dance) {
        return danceables.stream().filter(d -> d.figure().dance() == dance).toList();
    }

    /** One of them with the last turn as asked; empty if there is no such figure, part or variant. */
    public Optional<Danceable> find(String figureId, FigureUse use) {
        FigureUse plain = use.withLastTurn(0);
        Optional<Danceable> found = danceables.stream()
                .filter(d -> d.figure().id().equals(figureId) && d.use().equals(plain))
                .findFirst();
        return use.lastTurnSixteenths() == 0 ? found : found.map(d -> Danceable.of(d.figure(), use));
    }
}
