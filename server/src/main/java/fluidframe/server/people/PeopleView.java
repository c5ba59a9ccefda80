package fluidframe.server.people;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** Dancers, couples and groups as kept, and their lines in lists. */
public final class PeopleView {
    private PeopleView() {}

    /** A dancer as kept. */
    public record PersonView(
            String id,
            long version,
            Instant savedAt,
            List<Problem> problems,
            @Schema(ref = ApiDescription.DANCER) JsonNode document) {}

    /** A couple as kept. */
    public record CoupleView(
            String id,
            long version,
            Instant savedAt,
            List<Problem> problems,
            @Schema(ref = ApiDescription.COUPLE) JsonNode document) {}

    /** A group as kept. */
    public record GroupView(
            String id,
            long version,
            Instant savedAt,
            List<Problem> problems,
            @Schema(ref = ApiDescription.GROUP) JsonNode document) {}

    /** A line in the list of dancers. */
    public record DancerSummary(String name, List<String> roles, String note) {}

    /** A line in the list of couples. */
    public record CoupleSummary(
            String name, List<String> dancers, List<String> routines, List<String> figures, List<String> events) {}

    /** A line in the list of groups. */
    public record GroupSummary(
            String name,
            List<String> dancers,
            int men,
            int ladies,
            int either,
            List<String> routines,
            List<String> figures,
            List<String> events) {}
}
