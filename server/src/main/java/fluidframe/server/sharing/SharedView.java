package fluidframe.server.sharing;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;

/**
 * What a device may look at, beside the figures.
 *
 * @param practices plans of practice of the couple or group whose device it is, the nearest event first
 * @param classes of today, on the studio's screens
 */
record SharedView(List<SharedThing> routines, List<SharedThing> practices, List<SharedThing> classes) {
    /**
     * A thing to look at.
     *
     * @param dance of it; absent where it is of none
     * @param about what else is said of it in a few words
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record SharedThing(String id, String name, Optional<String> dance, String about) {}

    /**
     * A plan of practice.
     *
     * @param today by this machine's clock
     */
    record SharedPractice(String id, String name, String aim, String day, String today, List<SharedDay> days) {}

    /** A day of it; one of rest says why. */
    record SharedDay(String date, String why, List<SharedPart> parts) {}

    /**
     * Some minutes of it.
     *
     * @param nth which part of the day, from 0
     * @param kind figure, routine or drill
     * @param from the tempo at which its ladder begins, in bars a minute
     * @param state open, done or missed
     * @param steps what is done in a drill
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record SharedPart(
            int nth,
            String kind,
            String id,
            String name,
            int minutes,
            Optional<Double> from,
            Optional<Double> to,
            String why,
            String state,
            List<String> steps) {}
}
