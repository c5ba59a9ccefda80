package fluidframe.server.exercise;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** Drills and set-up cards as kept, and their lines in lists. */
final class ExerciseView {
    private ExerciseView() {}

    /** A drill as kept. */
    record DrillKept(
            String id,
            long version,
            Instant savedAt,
            List<Problem> problems,
            @Schema(ref = ApiDescription.DRILL) JsonNode document) {}

    /** A set-up card as kept. */
    record CardKept(
            String id,
            long version,
            Instant savedAt,
            List<Problem> problems,
            @Schema(ref = ApiDescription.CARD) JsonNode document) {}

    /** A line in the list of drills. */
    record DrillSummary(String name, List<String> dances, String who, String purpose, int minutes, String caution) {}

    /** A line in the list of cards. */
    record CardSummary(String name, List<String> dances, String hold) {}
}
