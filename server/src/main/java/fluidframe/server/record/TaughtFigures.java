package fluidframe.server.record;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.chart.Chart;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.library.figure.ChartFormat;
import fluidframe.server.repertoire.FigureListing;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** In which version of their charts the figures of a routine were taught, and what has changed in them since. */
@Component
class TaughtFigures {
    private static final TypeReference<Map<String, Long>> VERSIONS = new TypeReference<>() {};

    private final Documents<Chart, FigureListing> own;
    private final FigureShelf shelf;
    private final ObjectMapper mapper;

    TaughtFigures(Documents<Chart, FigureListing> own, FigureShelf shelf, ObjectMapper mapper) {
        this.own = own;
        this.shelf = shelf;
        this.mapper = mapper;
    }

    /** Those of which the coach has a chart, with its version; the others are as they ship. */
    String noted(Routine routine) {
        Map<String, Long> versions = new TreeMap<>();
        figures(routine).forEach(id -> own.find(id).ifPresent(chart -> versions.put(id, chart.version())));
        try {
            return mapper.writeValueAsString(versions);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Set<String> figures(Routine routine) {
        Set<String> ids = new LinkedHashSet<>();
        routine.placed().forEach(placed -> {
            if (placed instanceof PlacedFigure figure) ids.add(figure.figureId());
        });
        return ids;
    }

    /**
     * In what the figures that were in it and still are differ from those taught.
     *
     * @param noted as it was noted then
     * @param mine ids of the charts that the coach has now
     * @param blocks of the routine as it stands now, for the bars
     */
    List<TaughtBook.DifferenceView> since(
            String noted, Routine before, Routine now, Set<String> mine, List<Block> blocks) {
        Map<String, Long> versions = read(noted);
        List<TaughtBook.DifferenceView> since = new ArrayList<>();
        Set<String> still = figures(now);
        still.retainAll(figures(before));
        for (String id : still) {
            if (!mine.contains(id) && !versions.containsKey(id)) continue;
            long taught = versions.getOrDefault(id, 0L);
            Optional<Document<Chart>> standing = own.find(id);
            if (standing.map(Document::version).orElse(0L) == taught) continue;
            Optional<Chart> then = taught == 0 ? shelf.shipped(id) : own.version(id, taught);
            Optional<Chart> today = standing.map(Document::value).or(() -> shelf.shipped(id));
            if (then.isEmpty() || today.isEmpty()) continue;
            int bar = blocks.stream()
                    .filter(block ->
                            !block.isFree() && block.danced().chart().id().equals(id))
                    .findFirst()
                    .map(block -> block.bar(now.dance().bar()))
                    .orElse(0);
            String name = today.get().identity().name();
            ChartFormat.CHART
                    .differences(then.get(), today.get())
                    .forEach(one -> since.add(
                            new TaughtBook.DifferenceView(name + ": " + one.where(), one.before(), one.after(), bar)));
        }
        return since;
    }

    private Map<String, Long> read(String noted) {
        try {
            return mapper.readValue(noted, VERSIONS);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ids of the charts that the coach has. */
    Set<String> mine() {
        return own.saved().keySet();
    }
}
