package fluidframe.server.figure;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.rule.Sheet;
import fluidframe.library.ChartReader;
import fluidframe.library.ChartWriter;
import fluidframe.library.Problem;
import fluidframe.library.ReadResult;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Works out a chart as somebody types it; keeps nothing. */
@RestController
class WorkController {
    /**
     * The answer to a chart being typed.
     *
     * @param problems cells that cannot be read, by path; then there is no work
     * @param chart the same chart in canonical short forms
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Worked(
            List<Problem> problems,
            @Schema(ref = ApiDescription.CHART) JsonNode chart,
            WorkView work) {}

    @PostMapping("/api/work")
    Worked work(@RequestBody @Schema(ref = ApiDescription.CHART) JsonNode chart) {
        ReadResult result = ChartReader.read(chart);
        return result.chart()
                .map(read -> new Worked(List.of(), ChartWriter.toJson(read), WorkView.of(Sheet.of(read))))
                .orElseGet(() -> new Worked(result.problems(), null, null));
    }
}
