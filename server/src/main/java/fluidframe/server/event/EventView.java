package fluidframe.server.event;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.event.Event;
import fluidframe.library.text.Problem;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.lang.Nullable;

/** An event as kept. */
public record EventView(
        String id,
        long version,
        Instant savedAt,
        List<Problem> problems,
        @Schema(ref = ApiDescription.EVENT) JsonNode document) {
    /** A line in the list of events. */
    public record EventSummary(
            String name, List<String> dances, @Nullable String date) {}

    /**
     * A routine against an event, to be handed over.
     *
     * @param kept whether nothing is broken; a line to be asked about does not count
     */
    public record EventReport(
            String event,
            String routine,
            String dance,
            @Nullable String couple,
            double seconds,
            boolean kept,
            List<LineView> lines) {}

    /** One demand: {@code verdict} is kept, broken or ask; figures by their places, from 1. */
    public record LineView(String about, String verdict, String detail, List<Integer> places) {
        static LineView of(Event.Line line) {
            return new LineView(
                    line.about(),
                    line.verdict().name().toLowerCase(Locale.ROOT),
                    line.detail(),
                    line.blocks().stream().map(block -> block + 1).toList());
        }
    }
}
