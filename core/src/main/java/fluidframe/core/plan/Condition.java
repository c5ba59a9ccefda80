package fluidframe.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** A hard condition of a plan: one of those that may contradict each other. */
public sealed interface Condition {
    /**
     * In words, to follow "that".
     *
     * @param nameOf the name of a figure by its id
     */
    String words(UnaryOperator<String> nameOf);

    /** The plan that is left without it. */
    Plan without(Plan plan);

    /** A figure has to be danced; named twice, it has to be danced twice. */
    record Required(String figure) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return nameOf.apply(figure) + " must be danced";
        }

        @Override
        public Plan without(Plan plan) {
            List<String> others = new ArrayList<>(plan.required());
            others.remove(figure);
            return plan.requiring(others.toArray(String[]::new));
        }
    }

    /** A figure may be danced so many times, 0 or more. */
    record Limited(String figure, int times) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return nameOf.apply(figure) + " may be danced " + times + " times at most";
        }

        @Override
        public Plan without(Plan plan) {
            Map<String, Integer> others = new LinkedHashMap<>(plan.atMost());
            others.remove(figure);
            return plan.limiting(others);
        }
    }

    /** Which figure comes first. */
    record Begins(String figure) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return "it begins with " + nameOf.apply(figure);
        }

        @Override
        public Plan without(Plan plan) {
            return plan.beginning(Optional.empty());
        }
    }

    /** Which figure comes last. */
    record Ends(String figure) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return "it ends with " + nameOf.apply(figure);
        }

        @Override
        public Plan without(Plan plan) {
            return plan.ending(Optional.empty());
        }
    }

    /** The way it takes round the floor. */
    record Along(Course course) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return "it takes the way round the floor: "
                    + course.sides().stream().map(side -> side + " m").collect(Collectors.joining(", "));
        }

        @Override
        public Plan without(Plan plan) {
            return plan.along(Optional.empty());
        }
    }

    /** It stays on a floor. */
    record StaysOn(Ground ground) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return String.format(
                    Locale.ROOT,
                    "it stays on %.0f x %.0f m%s",
                    ground.lengthMetres(),
                    ground.widthMetres(),
                    ground.share() > 0
                            ? String.format(
                                    Locale.ROOT,
                                    " and, danced again until it closes, uses %.0f %% of each long side",
                                    ground.share() * 100)
                            : "");
        }

        @Override
        public Plan without(Plan plan) {
            return plan.on(Optional.empty());
        }
    }

    /** It can be danced again from its end. */
    record Closes() implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return "it can be danced again from its end";
        }

        @Override
        public Plan without(Plan plan) {
            return plan.closing(false);
        }
    }

    /** Only some figures may be used. */
    record Chosen(Set<String> figures) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return "only the figures chosen may be used";
        }

        @Override
        public Plan without(Plan plan) {
            return plan.allowing(Set.of());
        }
    }

    /** How long it lasts, in bars; every plan has a length, so this one stays. */
    record Lasts(int bars) implements Condition {
        @Override
        public String words(UnaryOperator<String> nameOf) {
            return "it lasts " + bars + (bars == 1 ? " bar" : " bars");
        }

        @Override
        public Plan without(Plan plan) {
            return plan;
        }
    }

    /** All of a plan that can be given up, in the order in which that is tried. */
    static List<Condition> of(Plan plan) {
        List<Condition> conditions = new ArrayList<>();
        plan.required().forEach(figure -> conditions.add(new Required(figure)));
        plan.atMost().forEach((figure, times) -> conditions.add(new Limited(figure, times)));
        plan.first().ifPresent(figure -> conditions.add(new Begins(figure)));
        plan.last().ifPresent(figure -> conditions.add(new Ends(figure)));
        plan.course().ifPresent(course -> conditions.add(new Along(course)));
        plan.ground().ifPresent(ground -> conditions.add(new StaysOn(ground)));
        if (plan.closes()) conditions.add(new Closes());
        if (!plan.allowed().isEmpty()) conditions.add(new Chosen(plan.allowed()));
        return conditions;
    }
}
