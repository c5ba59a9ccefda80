package fluidframe.server.figure;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.proposal.ChartMaker;
import fluidframe.library.figure.ChartDifference;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.figure.ChartWriter;
import fluidframe.server.access.OpenTo;
import fluidframe.server.chart.Charts;
import fluidframe.server.refusal.UnreadableException;
import fluidframe.server.repertoire.FigureListing;
import fluidframe.server.repertoire.FigureSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.DocumentSave;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Drafts;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Figures over HTTP: shipped ones, the coach's own, and those only begun. */
@RestController
@OpenTo
@RequestMapping("/api/figures")
class FigureController extends DocumentController<Chart, FigureView> {
    /**
     * Unsaved work.
     *
     * @param sent the window and the number of what it sends
     * @param instead another window's work that this one has gone on with; it is given up if that has sent nothing since
     */
    record FigureDraft(
            @NotNull @Valid Drafts.Sent sent,
            @Nullable @Valid Drafts.Sent instead,
            @Min(0) long baseVersion,
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode document) {}

    private final FigureService figures;
    private final FigureDrafts drafts;

    FigureController(Documents<Chart, FigureListing> charts, FigureService figures, FigureDrafts drafts) {
        super(charts);
        this.figures = figures;
        this.drafts = drafts;
    }

    /** Figures of one dance, or of {@code all}, that fit a search in a coach's words. */
    @GetMapping
    List<FigureSummary> list(
            @RequestParam(defaultValue = "waltz") String dance, @RequestParam(defaultValue = "") String q) {
        return figures.list(dance.equals("all") ? Optional.empty() : Optional.of(Dance.parse(dance)), q);
    }

    @Override
    public FigureView get(@PathVariable String id) {
        return figures.get(id);
    }

    /** A chart of its own name; one whose name is taken gets the next that is free. */
    @Override
    public FigureView create(@RequestBody JsonNode document) {
        Chart chart = Charts.read(document);
        String name = chart.identity().name();
        for (int i = 2; figures.isTaken(ChartMaker.idFor(chart.dance(), name)); i++) {
            name = chart.identity().name() + " " + i;
        }
        return view(figures.add(ChartMaker.copy(chart, name), "kept beside another"));
    }

    @Override
    public FigureView save(@PathVariable String id, @Valid @RequestBody DocumentSave save) {
        Chart chart = Charts.read(save.document());
        String note = save.note() == null ? "" : save.note();
        figures.save(id, save.expectedVersion(), chart, note, save.drafts() == null ? List.of() : save.drafts());
        return figures.get(id);
    }

    @Override
    public FigureView take(@RequestBody String text) {
        Chart chart = ChartFormat.CHART.read(text).orThrow(UnreadableException::new);
        return view(figures.add(chart, "read from a file"));
    }

    /** The coach's chart goes into the bin; of a shipped figure the shipped chart shows again. */
    @Override
    public void delete(@PathVariable String id) {
        figures.bin(id);
    }

    @PutMapping("/{id}/draft")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepDraft(@PathVariable @Size(max = 80) String id, @Valid @RequestBody FigureDraft draft) {
        drafts.keep(id, draft.sent(), draft.baseVersion(), draft.document(), Optional.ofNullable(draft.instead()));
    }

    /** Gives up what one window has not saved, or all that is not saved. */
    @DeleteMapping("/{id}/draft")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discardDraft(
            @PathVariable @Size(max = 80) String id,
            @RequestParam(defaultValue = "") @Size(max = 40) String window,
            @RequestParam(defaultValue = "0") long number) {
        if (window.isEmpty()) drafts.spendAll(id);
        else drafts.spend(id, new Drafts.Sent(window, number));
    }

    @GetMapping("/{id}/versions/{number}")
    @Schema(ref = ApiDescription.CHART)
    JsonNode version(@PathVariable String id, @PathVariable long number) {
        return ChartWriter.toJson(figures.version(id, number));
    }

    /** Cell by cell, what the chart in the body changes against a version; 0 is the shipped chart. */
    @PostMapping("/{id}/differences")
    List<ChartDifference.Change> differences(
            @PathVariable String id,
            @RequestParam(defaultValue = "0") long from,
            @RequestBody @Schema(ref = ApiDescription.CHART) JsonNode chart) {
        return ChartDifference.between(figures.version(id, from), Charts.read(chart));
    }

    @Override
    public ResponseEntity<String> file(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".yaml\"")
                .body(ChartWriter.toYaml(figures.chart(id)));
    }

    @Override
    protected FigureView view(Document<Chart> kept) {
        return figures.get(kept.id());
    }
}
