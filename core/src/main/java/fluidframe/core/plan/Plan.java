package fluidframe.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a routine is to be. Everything here is a hard condition but the highlights and weights, which say what is better.
 *
 * @param bars how long it lasts, 1 to 128
 * @param allowed ids of the figures that may be used; empty for all of the dance
 * @param required ids of figures that must be danced at least once, whole or as a variant; a part of one does not do
 * @param atMost how often single figures may be danced, 0 or more; others as often as fits
 * @param first the figure it begins with, if that is fixed
 * @param last the figure it ends with, if that is fixed
 * @param closes whether the first figure must be able to follow the last, so that the routine can be danced again
 * @param phraseBars how many bars a phrase of the music has, 1 to 32
 * @param highlights figures that should begin with a phrase
 * @param weights what is worth how much
 * @param course the way round the floor it must take, if it is to fit one; with {@code closes} the corner after the last side is
 *     taken where the routine begins again
 * @param wanted how many of the best are asked for, 1 to 20
 */
public record Plan(
        int bars,
        Set<String> allowed,
        List<String> required,
        Map<String, Integer> atMost,
        Optional<String> first,
        Optional<String> last,
        boolean closes,
        int phraseBars,
        Set<String> highlights,
        Weights weights,
        Optional<Course> course,
        int wanted) {
    /** The longest routine composed: 128 bars last longer than any heat. */
    public static final int MOST_BARS = 128;
    /** More proposals than anybody reads through. */
    public static final int MOST_WANTED = 20;
    /** Bars a phrase. */
    private static final int MOST_PHRASE = 32;

    public Plan {
        if (bars < 1 || bars > MOST_BARS) {
            throw new IllegalArgumentException("A plan must have 1 to " + MOST_BARS + " bars, but has " + bars);
        }
        if (phraseBars < 1 || phraseBars > MOST_PHRASE) {
            throw new IllegalArgumentException(
                    "A phrase must have 1 to " + MOST_PHRASE + " bars, but has " + phraseBars);
        }
        if (wanted < 1 || wanted > MOST_WANTED) {
            throw new IllegalArgumentException(
                    "A plan must ask for 1 to " + MOST_WANTED + " routines, but asks for " + wanted);
        }
        atMost.forEach((figure, times) -> {
            if (times < 0) {
                throw new IllegalArgumentException(
                        "A figure must be allowed 0 times or more, but " + figure + " is allowed " + times);
            }
        });
        allowed = Set.copyOf(allowed);
        required = List.copyOf(required);
        atMost = Map.copyOf(atMost);
        highlights = Set.copyOf(highlights);
    }

    /** So many bars of anything that fits, scored as usual. */
    public static Plan of(int bars) {
        return new Plan(
                bars,
                Set.of(),
                List.of(),
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                false,
                8,
                Set.of(),
                Weights.USUAL,
                Optional.empty(),
                5);
    }

    public Plan requiring(String... figures) {
        return new Plan(
                bars,
                allowed,
                List.of(figures),
                atMost,
                first,
                last,
                closes,
                phraseBars,
                highlights,
                weights,
                course,
                wanted);
    }

    public Plan allowing(Set<String> figures) {
        return new Plan(
                bars, figures, required, atMost, first, last, closes, phraseBars, highlights, weights, course, wanted);
    }

    public Plan limiting(Map<String, Integer> times) {
        return new Plan(
                bars, allowed, required, times, first, last, closes, phraseBars, highlights, weights, course, wanted);
    }

    public Plan beginning(Optional<String> figure) {
        return new Plan(
                bars, allowed, required, atMost, figure, last, closes, phraseBars, highlights, weights, course, wanted);
    }

    public Plan ending(Optional<String> figure) {
        return new Plan(
                bars,
                allowed,
                required,
                atMost,
                first,
                figure,
                closes,
                phraseBars,
                highlights,
                weights,
                course,
                wanted);
    }

    public Plan closing(boolean closed) {
        return new Plan(
                bars, allowed, required, atMost, first, last, closed, phraseBars, highlights, weights, course, wanted);
    }

    public Plan wanting(int routines) {
        return new Plan(
                bars,
                allowed,
                required,
                atMost,
                first,
                last,
                closes,
                phraseBars,
                highlights,
                weights,
                course,
                routines);
    }

    public Plan along(Optional<Course> way) {
        return new Plan(
                bars, allowed, required, atMost, first, last, closes, phraseBars, highlights, weights, way, wanted);
    }
}
