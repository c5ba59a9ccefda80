package fluidframe.server.figure;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.proposal.ChartMaker;
import fluidframe.library.figure.ChartSalvage;
import fluidframe.library.figure.ChartSchema;
import fluidframe.library.figure.ChartWriter;
import fluidframe.library.text.Problem;
import fluidframe.server.refusal.UnreadableException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.Drafts;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Ref;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Unsaved work on figures; some figures are nothing else yet. */
@Service
class FigureDrafts {
    /** The window in whose name a figure is begun before any has opened it. */
    private static final Drafts.Sent BEGUN = new Drafts.Sent("begun", 0);

    private final Drafts drafts;
    private final FigureShelf shelf;
    private final ObjectMapper mapper;

    FigureDrafts(Drafts drafts, FigureShelf shelf, ObjectMapper mapper) {
        this.drafts = drafts;
        this.shelf = shelf;
        this.mapper = mapper;
    }

    private static Ref ref(String id) {
        return new Ref(Kind.FIGURE, id);
    }

    /** Refuses what is not even shaped like a chart. */
    void keep(String id, Drafts.Sent sent, long baseVersion, JsonNode document, Optional<Drafts.Sent> instead) {
        List<Problem> shape = ChartSchema.shapeProblems(document);
        if (!shape.isEmpty()) throw new UnreadableException(shape);
        drafts.keep(ref(id), sent, baseVersion, document.toString(), instead);
    }

    void spend(String id, Drafts.Sent sent) {
        drafts.spend(ref(id), sent);
    }

    /** What a save settles: the windows' work that went into it, and that the figure was only begun. */
    void settle(String id, List<Drafts.Sent> saved) {
        saved.forEach(sent -> drafts.spend(ref(id), sent));
        drafts.forget(ref(id), BEGUN);
    }

    void spendAll(String id) {
        drafts.spendAll(ref(id));
    }

    /** The newest first. */
    List<FigureView.DraftView> of(String id) {
        return drafts.of(ref(id)).stream()
                .map(draft -> new FigureView.DraftView(
                        draft.window(), draft.number(), draft.baseVersion(), tree(draft.text()), draft.savedAt()))
                .toList();
    }

    Set<String> ids() {
        return drafts.ids(Kind.FIGURE);
    }

    /** Keeps a new figure as a draft; refuses an id that is taken, saying by which figure. */
    void begin(Chart chart) {
        if (isKnown(chart.id())) {
            throw new IllegalArgumentException("There is a " + chart.dance().title() + " figure called \""
                    + chart.identity().name() + "\" already: choose another name");
        }
        keep(chart.id(), BEGUN, 0, ChartWriter.toJson(chart), Optional.empty());
    }

    /** Whether there is a figure of that id, saved or only begun. */
    boolean isKnown(String id) {
        return isTaken(id) || !of(id).isEmpty();
    }

    private boolean isTaken(String id) {
        return shelf.shipped(id).isPresent() || shelf.own(id).isPresent();
    }

    /** Figures that exist as drafts only. */
    List<FigureView.BegunView> begun() {
        return ids().stream()
                .sorted()
                .filter(id -> !isTaken(id))
                .flatMap(id -> of(id).stream()
                        .limit(1)
                        .map(draft -> new FigureView.BegunView(
                                id,
                                draft.document().path("name").asText(id),
                                draft.document().path("dance").asText(""),
                                draft.savedAt())))
                .toList();
    }

    /** A figure that exists as a draft only, as far as it can be read, else with its first row. */
    Optional<Chart> chart(String id) {
        return of(id).stream()
                .findFirst()
                .map(FigureView.DraftView::document)
                .map(draft -> ChartSalvage.read(draft).chart().orElseGet(() -> placeholder(draft)));
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

    private JsonNode tree(String text) {
        try {
            return mapper.readTree(text);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A kept draft is JSON", e);
        }
    }
}
