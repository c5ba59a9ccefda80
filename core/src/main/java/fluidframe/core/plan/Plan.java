package fluidframe.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

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
 * @param ground the floor that it must stay on, if it must; with {@code closes} it goes round it until it stands where it began
 * @param moments where in the music something is to be seen, apart from the beginnings of phrases
 * @param wanted how many of the best are asked for, 1 to 20
 * @param apart in what share of their figures two proposals must differ, 0 to 0.9; 0 for simply the best
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
        Optional<Ground> ground,
        List<Moment> moments,
        int wanted,
        double apart) {
    /** The longest routine composed: 128 bars last longer than any heat. */
    public static final int MOST_BARS = 128;
    /** More proposals than anybody reads through. */
    public static final int MOST_WANTED = 20;
    /** Proposals that shared less than a tenth of their figures would hardly be found. */
    private static final double MOST_APART = 0.9;
    /** Bars a phrase. */
    private static final int MOST_PHRASE = 32;

    /**
     * A stretch of the music in which a figure is to begin.
     *
     * @param bar the bar of the routine at which it begins, from 0
     * @param bars how long it is, 1 or more
     * @param figure id of the figure
     */
    public record Moment(int bar, int bars, String figure) {
        public Moment {
            if (bar < 0 || bars < 1) {
                throw new IllegalArgumentException(
                        "A stretch must begin at bar 0 or later and last 1 bar or more, but begins at " + bar
                                + " and lasts " + bars);
            }
        }
    }

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
        if (!(apart >= 0 && apart <= MOST_APART)) {
            throw new IllegalArgumentException(
                    "Proposals may be asked to differ in 0 to 0.9 of their figures, but not in " + apart);
        }
        if (course.isPresent() && ground.isPresent()) {
            throw new IllegalArgumentException("A plan must have a course or a floor, not both: give up one of them");
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
        moments = List.copyOf(moments);
    }

    /** So many bars of anything that fits, scored as usual. */
    public static Plan of(int bars) {
        return new Draft(bars).toPlan();
    }

    /** A plan being written; what is not said is as usual. */
    private static final class Draft {
        private final int bars;
        private Set<String> allowed = Set.of();
        private List<String> required = List.of();
        private Map<String, Integer> atMost = Map.of();
        private Optional<String> first = Optional.empty();
        private Optional<String> last = Optional.empty();
        private boolean closes;
        private int phraseBars = 8;
        private Set<String> highlights = Set.of();
        private Weights weights = Weights.USUAL;
        private Optional<Course> course = Optional.empty();
        private Optional<Ground> ground = Optional.empty();
        private List<Moment> moments = List.of();
        private int wanted = 5;
        private double apart;

        private Draft(int bars) {
            this.bars = bars;
        }

        private Draft(Plan plan) {
            this(plan.bars);
            allowed = plan.allowed;
            required = plan.required;
            atMost = plan.atMost;
            first = plan.first;
            last = plan.last;
            closes = plan.closes;
            phraseBars = plan.phraseBars;
            highlights = plan.highlights;
            weights = plan.weights;
            course = plan.course;
            ground = plan.ground;
            moments = plan.moments;
            wanted = plan.wanted;
            apart = plan.apart;
        }

        private Plan toPlan() {
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
                    ground,
                    moments,
                    wanted,
                    apart);
        }
    }

    private Plan with(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.toPlan();
    }

    public Plan requiring(String... figures) {
        return with(draft -> draft.required = List.of(figures));
    }

    public Plan allowing(Set<String> figures) {
        return with(draft -> draft.allowed = figures);
    }

    public Plan limiting(Map<String, Integer> times) {
        return with(draft -> draft.atMost = times);
    }

    public Plan beginning(Optional<String> figure) {
        return with(draft -> draft.first = figure);
    }

    public Plan ending(Optional<String> figure) {
        return with(draft -> draft.last = figure);
    }

    public Plan closing(boolean closed) {
        return with(draft -> draft.closes = closed);
    }

    /** In phrases of so many bars, with figures that are to begin one. */
    public Plan phrased(int phrase, Set<String> figures) {
        return with(draft -> {
            draft.phraseBars = phrase;
            draft.highlights = figures;
        });
    }

    public Plan weighing(Weights worth) {
        return with(draft -> draft.weights = worth);
    }

    public Plan along(Optional<Course> way) {
        return with(draft -> draft.course = way);
    }

    public Plan on(Optional<Ground> floor) {
        return with(draft -> draft.ground = floor);
    }

    public Plan seenAt(List<Moment> places) {
        return with(draft -> draft.moments = places);
    }

    public Plan wanting(int routines) {
        return with(draft -> draft.wanted = routines);
    }

    public Plan differing(double share) {
        return with(draft -> draft.apart = share);
    }
}
