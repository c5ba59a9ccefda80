package fluidframe.server.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A lesson as kept. */
public record LessonView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.LESSON) JsonNode document) {
    /**
     * A line in the list of lessons.
     *
     * @param at by the clock on the wall
     * @param promises those of this lesson that are still to be kept
     */
    public record LessonSummary(
            String at,
            int minutes,
            String kind,
            String whom,
            String name,
            String where,
            List<String> topics,
            List<String> promises,
            int parts,
            boolean held) {}
}
