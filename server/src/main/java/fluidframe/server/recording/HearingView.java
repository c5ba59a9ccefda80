package fluidframe.server.recording;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.music.analysis.DanceLikeness;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.util.List;

/**
 * What is heard in a recording, or how far the listening is.
 *
 * @param id of the long work
 * @param state of it
 * @param message why it failed, or why there is no song
 * @param dance as which it was heard
 * @param document the song as it was heard; nothing where no beats were
 * @param sureOfBeats how alike the rhythm is from bar to bar, 0 to 1
 * @param sureOfOne 0 where another beat is as likely to be one, towards 1
 * @param sureOfSections 0 where no border stands out, towards 1
 * @param dances which dances it could be, the likeliest first
 */
record HearingView(
        String id,
        String state,
        String message,
        String dance,
        @Nullable @Schema(ref = ApiDescription.SONG) JsonNode document,
        double sureOfBeats,
        double sureOfOne,
        double sureOfSections,
        List<Likely> dances) {
    /** A dance it could be: 0 to 1 how likely, and why. */
    record Likely(String dance, String title, double score, double barsPerMinute, String why) {
        static Likely of(DanceLikeness one) {
            return new Likely(
                    one.dance().toString(),
                    one.dance().title(),
                    Math.round(one.score() * 100) / 100.0,
                    Math.round(one.barsPerMinute() * 10) / 10.0,
                    one.why());
        }
    }
}
