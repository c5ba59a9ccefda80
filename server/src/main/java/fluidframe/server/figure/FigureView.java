package fluidframe.server.figure;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/**
 * One figure to read and edit.
 *
 * @param version the number of the version saved last, 0 for a shipped chart nobody has changed
 * @param draft unsaved work, if any
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FigureView(
        String id,
        int version,
        boolean shipped,
        boolean own,
        @Schema(ref = ApiDescription.CHART) JsonNode chart,
        WorkView work,
        DraftView draft) {
    /** Unsaved work and the version it was begun from. */
    public record DraftView(
            int baseVersion,
            @Schema(ref = ApiDescription.CHART) JsonNode chart,
            Instant savedAt) {}

    /** A figure begun and not yet saved. */
    public record BegunView(String id, String name, String dance, Instant savedAt) {}

    /** A saved version. */
    public record VersionView(int version, String note, Instant savedAt) {}
}
