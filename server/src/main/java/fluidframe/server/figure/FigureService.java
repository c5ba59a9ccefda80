package fluidframe.server.figure;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.proposal.ChartMaker;
import fluidframe.core.rule.Sheet;
import fluidframe.library.ChartReader;
import fluidframe.library.ChartSalvage;
import fluidframe.library.ChartWriter;
import fluidframe.library.ReadResult;
import fluidframe.server.web.NotFoundException;
import fluidframe.server.web.StaleException;
import fluidframe.server.web.UnreadableException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Reading, saving and resetting figures. A chart may break rules and still be saved; one that cannot be read may not. */
@Service
class FigureService {
    private final FigureShelf shelf;
    private final FigureCopyRepository copies;
    private final FigureVersionRepository versions;
    private final FigureDrafts drafts;

    FigureService(
            FigureShelf shelf, FigureCopyRepository copies, FigureVersionRepository versions, FigureDrafts drafts) {
        this.shelf = shelf;
        this.copies = copies;
        this.versions = versions;
        this.drafts = drafts;
    }

    @Transactional(readOnly = true)
    List<FigureSummary> list(Optional<Dance> dance, String query) {
        Set<String> own = copies.findAll().stream().map(FigureCopyEntity::id).collect(Collectors.toSet());
        Set<String> drafted = drafts.figureIds();
        FigureSearch search = FigureSearch.of(query);
        List<ShelvedFigure> found = shelf.repertoire().charts().stream()
                .filter(chart -> dance.isEmpty() || chart.dance() == dance.get())
                .map(shelf::shelved)
                .filter(figure -> search.matches(figure.text()))
                .toList();
        return search.closest(found).stream()
                .map(figure -> figure.summary()
                        .as(
                                shelf.shipped(figure.chart().id()).isPresent(),
                                own.contains(figure.chart().id()),
                                drafted.contains(figure.chart().id())))
                .toList();
    }

    /** Keeps a new figure as a draft; refuses an id that is taken, saying by which figure. */
    @Transactional
    void begin(Chart chart) {
        boolean taken = copies.existsById(chart.id())
                || shelf.shipped(chart.id()).isPresent()
                || drafts.of(chart.id()).isPresent();
        if (taken) {
            throw new IllegalArgumentException("There is a " + chart.dance().title() + " figure called \""
                    + chart.identity().name() + "\" already: choose another name");
        }
        drafts.keep(chart.id(), 0, ChartWriter.toJson(chart));
    }

    /** Figures that exist as drafts only. */
    @Transactional(readOnly = true)
    List<FigureView.BegunView> begun() {
        return drafts.figureIds().stream()
                .sorted()
                .filter(id -> !copies.existsById(id) && shelf.shipped(id).isEmpty())
                .map(id -> {
                    FigureView.DraftView draft = drafts.of(id).orElseThrow();
                    return new FigureView.BegunView(
                            id,
                            draft.chart().path("name").asText(id),
                            draft.chart().path("dance").asText(""),
                            draft.savedAt());
                })
                .toList();
    }

    /** A figure that exists as a draft only, as far as it can be read, else with its first row. */
    private Optional<Chart> drafted(String id) {
        return drafts.of(id)
                .map(draft -> ChartSalvage.read(draft.chart()).chart().orElseGet(() -> placeholder(draft.chart())));
    }

    private static Chart placeholder(JsonNode draft) {
        String dance = draft.path("dance").asText("waltz");
        Dance known = Arrays.stream(Dance.values())
                .filter(d -> d.toString().equals(dance))
                .findFirst()
                .orElse(Dance.WALTZ);
        return ChartMaker.begun(
                known,
                draft.path("name").asText("Unnamed").replaceAll("^\\W*$", "Unnamed"),
                MakeController.first(known));
    }

    @Transactional(readOnly = true)
    FigureView get(String id) {
        Optional<FigureCopyEntity> copy = copies.findById(id);
        Chart chart = copy.flatMap(FigureCopyEntity::toChart)
                .or(() -> shelf.shipped(id))
                .or(() -> drafted(id))
                .orElseThrow(() -> missing(id));
        return new FigureView(
                id,
                copy.map(FigureCopyEntity::number).orElse(0),
                shelf.shipped(id).isPresent(),
                copy.isPresent(),
                ChartWriter.toJson(chart),
                WorkView.of(Sheet.of(chart)),
                drafts.of(id).orElse(null));
    }

    /** Keeps a chart as the next version of the coach's own copy; refuses if somebody has saved since. */
    @Transactional
    void save(String id, int expectedVersion, Chart chart, String note) {
        if (!chart.id().equals(id)) {
            throw new IllegalArgumentException(
                    "The id in the chart must be \"" + id + "\", but was \"" + chart.id() + "\"");
        }
        Optional<FigureCopyEntity> copy = copies.findById(id);
        int current = copy.map(FigureCopyEntity::number).orElse(0);
        if (copy.isEmpty() && shelf.shipped(id).isEmpty() && expectedVersion != 0) throw missing(id);
        if (current != expectedVersion) {
            throw new StaleException(
                    chart.identity().name(), expectedVersion, current, get(id).chart(), ChartWriter.toJson(chart));
        }
        int number = versions.newest(id).orElse(0) + 1;
        Instant now = Instant.now();
        versions.save(FigureVersionEntity.of(chart, number, note, now));
        FigureCopyEntity entity = copy.orElseGet(() -> FigureCopyEntity.of(chart, number, now));
        entity.replaceWith(chart, number, now);
        copies.saveAndFlush(entity);
        drafts.discard(id);
        shelfChangesAfterCommit();
    }

    /** Puts a new figure of the coach's own beside the others. */
    @Transactional
    void add(Chart chart) {
        if (copies.existsById(chart.id()) || shelf.shipped(chart.id()).isPresent()) {
            throw new IllegalArgumentException("There is a figure with the id \"" + chart.id()
                    + "\" already: change the id in the file, or open that figure and save there");
        }
        save(chart.id(), 0, chart, "read from a file");
    }

    /** Takes the coach's copy away, so that the shipped chart shows again; its versions stay. */
    @Transactional
    void reset(String id) {
        shelf.shipped(id).orElseThrow(() -> missing(id));
        copies.findById(id).ifPresent(copies::delete);
        drafts.discard(id);
        copies.flush();
        shelfChangesAfterCommit();
    }

    @Transactional(readOnly = true)
    List<FigureView.VersionView> versions(String id) {
        return versions.listed(id);
    }

    /** A saved version, or the shipped chart for 0. */
    @Transactional(readOnly = true)
    Chart version(String id, int number) {
        Optional<Chart> chart = number == 0
                ? shelf.shipped(id)
                : versions.findById(new FigureVersionEntity.Key(id, number)).map(FigureVersionEntity::toChart);
        return chart.orElseThrow(() -> new NotFoundException("There is no version " + number + " of \"" + id + "\""));
    }

    /** Reads a file; refuses with every problem and its line. */
    static Chart read(String text) {
        ReadResult result = ChartReader.read(text);
        return result.chart().orElseThrow(() -> new UnreadableException(result.problems()));
    }

    Chart read(JsonNode document) {
        ReadResult result = ChartReader.read(document);
        return result.chart().orElseThrow(() -> new UnreadableException(result.problems()));
    }

    @Transactional(readOnly = true)
    String text(String id) {
        return ChartWriter.toYaml(read(get(id).chart()));
    }

    private void shelfChangesAfterCommit() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                shelf.changed();
            }
        });
    }

    private static NotFoundException missing(String id) {
        return new NotFoundException("There is no figure \"" + id + "\"");
    }
}
