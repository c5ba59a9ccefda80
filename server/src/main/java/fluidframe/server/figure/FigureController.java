package fluidframe.server.figure;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.library.ChartDifference;
import fluidframe.library.ChartWriter;
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

/** Figures over HTTP. */
@RestController
@RequestMapping("/api/figures")
class FigureController {
    /** A save: the version it was begun from, the whole chart, and what the author says of the change. */
    record FigureSave(
            @Min(0) int expectedVersion,
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode chart,
            @Size(max = 500) String note) {}

    /** Unsaved work. */
    record FigureDraft(
            @Min(0) int baseVersion,
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode chart) {}

    private final FigureService figures;
    private final FigureDrafts drafts;

    FigureController(FigureService figures, FigureDrafts drafts) {
        this.figures = figures;
        this.drafts = drafts;
    }

    /** Figures of one dance, or of {@code all}, that fit a search in a coach's words. */
    @GetMapping
    List<FigureSummary> list(
            @RequestParam(defaultValue = "waltz") String dance, @RequestParam(defaultValue = "") String q) {
        return figures.list(dance.equals("all") ? Optional.empty() : Optional.of(Dance.parse(dance)), q);
    }

    @GetMapping("/{id}")
    FigureView get(@PathVariable String id) {
        return figures.get(id);
    }

    @PutMapping("/{id}")
    FigureView save(@PathVariable String id, @Valid @RequestBody FigureSave save) {
        Chart chart = figures.read(save.chart());
        figures.save(id, save.expectedVersion(), chart, save.note() == null ? "" : save.note());
        return figures.get(id);
    }

    /** Takes YAML only: plain text could be posted here by any page in the browser without asking. */
    @PostMapping(consumes = "application/yaml")
    @ResponseStatus(HttpStatus.CREATED)
    FigureView add(@RequestBody String text) {
        Chart chart = FigureService.read(text);
        figures.add(chart);
        return figures.get(chart.id());
    }

    @PutMapping("/{id}/draft")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepDraft(@PathVariable @Size(max = 80) String id, @Valid @RequestBody FigureDraft draft) {
        drafts.keep(id, draft.baseVersion(), draft.chart());
    }

    @DeleteMapping("/{id}/draft")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discardDraft(@PathVariable String id) {
        drafts.discard(id);
    }

    @DeleteMapping("/{id}/copy")
    FigureView reset(@PathVariable String id) {
        figures.reset(id);
        return figures.get(id);
    }

    @GetMapping("/{id}/versions")
    List<FigureView.VersionView> versions(@PathVariable String id) {
        return figures.versions(id);
    }

    @GetMapping("/{id}/versions/{number}")
    @Schema(ref = ApiDescription.CHART)
    JsonNode version(@PathVariable String id, @PathVariable int number) {
        return ChartWriter.toJson(figures.version(id, number));
    }

    /** Cell by cell, what the chart in the body changes against a version; 0 is the shipped chart. */
    @PostMapping("/{id}/differences")
    List<ChartDifference.Change> differences(
            @PathVariable String id,
            @RequestParam(defaultValue = "0") int from,
            @RequestBody @Schema(ref = ApiDescription.CHART) JsonNode chart) {
        Chart now = figures.read(chart);
        return ChartDifference.between(figures.version(id, from), now);
    }

    @GetMapping(value = "/{id}/file", produces = "application/yaml")
    ResponseEntity<String> file(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".yaml\"")
                .body(figures.text(id));
    }
}
