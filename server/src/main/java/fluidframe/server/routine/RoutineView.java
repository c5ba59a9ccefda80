package fluidframe.server.routine;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A routine as kept. */
record RoutineView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.ROUTINE) JsonNode document) {}
