package fluidframe.server.list;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.list.FigureList;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/**
 * A list with its levels.
 *
 * @param id {@code starter} for the one that ships
 * @param version 0 for the one that ships, which cannot be changed, only copied
 */
record ListView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.LIST) JsonNode document,
        boolean starter) {
    /** A list among others. */
    record ListSummary(String name, int figures) {
        static ListSummary of(FigureList list) {
            return new ListSummary(
                    list.name(),
                    list.levels().stream()
                            .mapToInt(level -> level.figures().size())
                            .sum());
        }
    }
}
