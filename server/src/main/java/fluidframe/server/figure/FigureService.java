package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.rule.Sheet;
import fluidframe.library.figure.ChartWriter;
import fluidframe.server.chart.WorkView;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureListing;
import fluidframe.server.repertoire.FigureSearch;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.repertoire.FigureSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Drafts;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Reading, saving and resetting figures. A chart may break rules and still be saved; one that cannot be read may not. */
@Service
class FigureService {
    private final FigureShelf shelf;
    private final Documents<Chart, FigureListing> charts;
    private final FigureDrafts drafts;

    FigureService(FigureShelf shelf, Documents<Chart, FigureListing> charts, FigureDrafts drafts) {
        this.shelf = shelf;
        this.charts = charts;
        this.drafts = drafts;
    }

    List<FigureSummary> list(Optional<Dance> dance, String query) {
        FigureSearch search = FigureSearch.of(query);
        List<FigureShelf.Listed> all = shelf.listed(dance);
        Set<String> own = all.stream()
                .filter(FigureShelf.Listed::own)
                .map(listed -> listed.listing().summary().id())
                .collect(Collectors.toSet());
        Set<String> drafted = drafts.ids();
        List<FigureListing> found = all.stream()
                .map(FigureShelf.Listed::listing)
                .filter(listing -> search.matches(listing.text()))
                .toList();
        return search.closest(found).stream()
                .map(FigureListing::summary)
                .map(summary -> summary.as(
                        shelf.shipped(summary.id()).isPresent(),
                        own.contains(summary.id()),
                        drafted.contains(summary.id())))
                .toList();
    }

    FigureView get(String id) {
        Optional<Document<Chart>> own = charts.find(id);
        Chart chart = chart(id, own);
        return new FigureView(
                id,
                own.map(Document::version).orElse(0L),
                own.map(Document::savedAt).orElse(null),
                shelf.shipped(id).isPresent(),
                own.isPresent(),
                own.map(Document::problems).orElse(List.of()),
                ChartWriter.toJson(chart),
                WorkView.of(Sheet.of(chart)),
                drafts.of(id));
    }

    /** A figure as it stands: the coach's chart, the shipped one, or what is begun of it. */
    Chart chart(String id) {
        return chart(id, charts.find(id));
    }

    private Chart chart(String id, Optional<Document<Chart>> own) {
        return own.map(Document::value)
                .or(() -> shelf.shipped(id))
                .or(() -> drafts.chart(id))
                .orElseGet(() -> charts.get(id).value());
    }

    /**
     * Keeps a chart as the next version of the coach's own; refuses if somebody has saved since.
     *
     * @param settled unsaved work that is saved by it, in the same transaction
     */
    Document<Chart> save(String id, long expectedVersion, Chart chart, String note, List<Drafts.Sent> settled) {
        if (!chart.id().equals(id)) {
            throw new IllegalArgumentException(
                    "The id in the chart must be \"" + id + "\", but was \"" + chart.id() + "\"");
        }
        Document<Chart> saved = charts.saveVersion(id, expectedVersion, chart, note, () -> drafts.settle(id, settled));
        shelf.changed(id);
        return saved;
    }

    /** Whether an id is no longer free: shipped, saved, only begun, or in the bin. */
    boolean isTaken(String id) {
        return drafts.isKnown(id) || charts.isTaken(id);
    }

    /** Puts a new figure of the coach's own beside the others. */
    Document<Chart> add(Chart chart, String note) {
        if (shelf.shipped(chart.id()).isPresent() || charts.find(chart.id()).isPresent()) {
            throw new IllegalArgumentException("There is a figure with the id \"" + chart.id()
                    + "\" already: change the id in the file, or open that figure and save there");
        }
        return save(chart.id(), 0, chart, note, List.of());
    }

    /** Takes the coach's chart into the bin; of a shipped figure the shipped chart shows again. Its versions stay with it. */
    void bin(String id) {
        if (charts.find(id).isEmpty()) {
            drafts.spendAll(id);
            return;
        }
        charts.bin(id, () -> drafts.spendAll(id));
        shelf.changed(id);
    }

    boolean isShipped(String id) {
        return shelf.shipped(id).isPresent();
    }

    /** A saved version, or the shipped chart for 0. */
    Chart version(String id, long number) {
        Optional<Chart> chart = number == 0 ? shelf.shipped(id) : charts.version(id, number);
        return chart.orElseThrow(() -> new NotFoundException("There is no version " + number + " of \"" + id + "\""));
    }
}
