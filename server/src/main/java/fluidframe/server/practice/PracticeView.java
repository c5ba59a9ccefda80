package fluidframe.server.practice;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A plan of practice as kept. */
public record PracticeView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.PRACTICE) JsonNode document) {
    /**
     * A line in the list of plans.
     *
     * @param whom id of the couple or group
     * @param day of the event
     * @param done parts of work that have been done, and missed, and all
     */
    public record PracticeSummary(String whom, String name, String aim, String day, int done, int missed, int parts) {}
}
