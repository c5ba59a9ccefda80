package fluidframe.server.chart;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Reading;
import fluidframe.core.count.Tempo;
import fluidframe.core.rule.Sheet;
import fluidframe.library.figure.ChartSalvage;
import fluidframe.library.figure.ChartWriter;
import fluidframe.library.text.Problem;
import fluidframe.server.access.OpenTo;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Works out a chart as somebody types it; keeps nothing. */
@RestController
@OpenTo
class WorkController {
    /**
     * The answer to a chart being typed.
     *
     * @param problems pieces that cannot be read, by path
     * @param chart the same chart in canonical short forms, without those pieces; none if nothing can be read
     * @param work worked out as far as it can be read
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Worked(
            List<Problem> problems,
            @Nullable @Schema(ref = ApiDescription.CHART) JsonNode chart,
            @Nullable WorkView work) {}

    /**
     * Works the chart out as the reader has it shown.
     *
     * @param variant id of a variant whose rows are shown instead, blank for the figure as charted
     * @param timing id of another timing of the chart, blank for the one in the rows
     * @param option ids of options switched on
     * @param repeats how often each stretch of repeated steps is danced, in chart order; 0 for as charted
     * @param tempo bars a minute for the seconds of every row, 0 for the middle of the dance's customary band
     */
    @PostMapping("/api/work")
    Worked work(
            @RequestBody @Schema(ref = ApiDescription.CHART) JsonNode chart,
            @RequestParam(defaultValue = "") String variant,
            @RequestParam(defaultValue = "") String timing,
            @RequestParam(required = false) List<String> option,
            @RequestParam(required = false) List<Integer> repeats,
            @RequestParam(defaultValue = "0") double tempo) {
        ChartSalvage.Result result = ChartSalvage.read(chart);
        if (result.chart().isEmpty()) return new Worked(Problem.capped(result.problems()), null, null);
        Reading reading = new Reading(
                Optional.of(timing).filter(id -> !id.isBlank()),
                option == null ? List.of() : option,
                repeats == null
                        ? List.of()
                        : repeats.stream().map(WorkController::orAsCharted).toList());
        Chart charted = result.chart().get();
        Chart read = reading.of(
                variant.isBlank() ? charted : FigureUse.ofVariant(variant).of(charted));
        Tempo at = tempo == 0
                ? WorkView.usualTempo(read)
                : new Tempo(tempo, read.dance().beatsPerBar());
        WorkView work = WorkView.of(Sheet.of(read), at).upTo(result.rowsRead());
        return new Worked(Problem.capped(result.problems()), ChartWriter.toJson(read), work);
    }

    /** A number of which only blanks or control characters came is none. */
    private static int orAsCharted(@Nullable Integer times) {
        return times == null ? 0 : times;
    }
}
