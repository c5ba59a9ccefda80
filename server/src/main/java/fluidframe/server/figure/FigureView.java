package fluidframe.server.figure;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.chart.WorkView;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.springframework.lang.Nullable;

/**
 * One figure to read and edit.
 *
 * @param version the number of the version saved last, 0 for a shipped chart nobody has changed
 * @param savedAt when that was; none for a shipped chart
 * @param drafts unsaved work of each window, the newest first
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record FigureView(
        String id,
        long version,
        @Nullable Instant savedAt,
        boolean shipped,
        boolean own,
        List<Problem> problems,
        @Schema(ref = ApiDescription.CHART) JsonNode document,
        WorkView work,
        List<DraftView> drafts) {
    /** Unsaved work of one window and the version it was begun from. */
    record DraftView(
            String window,
            long number,
            long baseVersion,
            @Schema(ref = ApiDescription.CHART) JsonNode document,
            Instant savedAt) {}

    /** A figure begun and not yet saved. */
    record BegunView(String id, String name, String dance, Instant savedAt) {}
}
