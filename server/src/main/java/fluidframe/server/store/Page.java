package fluidframe.server.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import fluidframe.library.text.Cells;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;

/**
 * Some of a list, in order of names.
 *
 * @param total how many there are in all
 * @param next where the rest begins, to be asked for; empty at the end
 */
@JsonInclude(JsonInclude.Include.NON_ABSENT)
public record Page<S>(List<Line<S>> lines, long total, Optional<String> next) {
    /** One of a list, with what a list shows of it. */
    public record Line<S>(
            String id,
            long version,
            Instant savedAt,
            @JsonUnwrapped S summary) {}

    /** What is asked for of a list. */
    public record Request(String dance, String search, String after, int limit) {
        static final int MOST = 500;

        public Request {
            limit = Math.max(1, Math.min(limit, MOST));
        }
    }

    /** Where a list goes on with the names that are not before this one. */
    public static String from(String name) {
        return new Cursor(name, "").toString();
    }

    /** Where a list begins whose names begin with their day: behind the page before, else at a day, else at its beginning. */
    public static String begin(String day, String after) {
        return after.isBlank() && !day.isBlank() ? from(Cells.date(day).toString()) : after;
    }

    /** The last of a page, behind which the next begins. */
    record Cursor(String name, String id) {
        private static final String BETWEEN = "\n";

        static final Cursor BEGINNING = new Cursor("", "");

        static Cursor parse(String text) {
            if (text.isEmpty()) return BEGINNING;
            try {
                String plain = new String(Base64.getUrlDecoder().decode(text), StandardCharsets.UTF_8);
                int between = plain.lastIndexOf(BETWEEN);
                if (between >= 0) return new Cursor(plain.substring(0, between), plain.substring(between + 1));
            } catch (IllegalArgumentException e) {
                // Told below, with the same words.
            }
            throw new IllegalArgumentException(
                    "The place to go on from must be one that a list gave, but was \"" + text + "\"");
        }

        @Override
        public String toString() {
            return Base64.getUrlEncoder()
                    .withoutPadding()
                    .encodeToString((name + BETWEEN + id).getBytes(StandardCharsets.UTF_8));
        }
    }
}
