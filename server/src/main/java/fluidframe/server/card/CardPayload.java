package fluidframe.server.card;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.server.motion.BandView;
import fluidframe.server.motion.MotionView;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All that a practice card holds, as its page reads it.
 *
 * @param made the day
 * @param roles what stands for the roles
 * @param leftOut what would have made the file too large
 */
record CardPayload(
        String title,
        String whom,
        String made,
        Map<String, String> roles,
        List<Task> tasks,
        List<Piece> pieces,
        List<String> leftOut,
        Map<String, BandView> bands) {
    /** Something that can be danced. */
    record Piece(String name, MotionView motion) {}

    /**
     * Something to practise on a day.
     *
     * @param key by which it is known when the card is opened again
     * @param piece which of the pieces it is, from 0
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record Task(
            String key,
            String day,
            String name,
            int minutes,
            String why,
            Optional<Double> from,
            Optional<Double> to,
            Optional<Integer> piece) {}
}
