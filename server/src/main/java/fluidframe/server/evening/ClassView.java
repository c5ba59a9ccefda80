package fluidframe.server.evening;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** An evening of a class as kept. */
public record ClassView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.CLASS) JsonNode document) {
    /**
     * A line in the list of evenings.
     *
     * @param at by the clock on the wall
     * @param group id of the group whose course it is; blank for an evening by itself
     * @param name of the group, or of what is danced
     * @param dancers ids of those who came
     * @param danced rounds that have been danced
     * @param rounds of all
     */
    public record ClassSummary(
            String at,
            String group,
            String name,
            List<String> material,
            List<String> dancers,
            int danced,
            int rounds) {}
}
