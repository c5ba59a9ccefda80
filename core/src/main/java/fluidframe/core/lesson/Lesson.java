package fluidframe.core.lesson;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * A lesson: when and with whom, what is worked on, its plan, and what was promised at its end.
 *
 * @param at by the clock on the wall, to the minute
 * @param minutes from 5 to {@value LessonPlan#LONGEST}
 * @param depth how much detail: 0 for beginners, 1 with footwork and lead, 2 with everything
 * @param promises for the next lesson
 * @param held whether it has been given
 */
public record Lesson(
        LocalDateTime at,
        int minutes,
        With with,
        String where,
        int depth,
        List<About> topics,
        List<Item> items,
        List<String> leftOut,
        List<Promise> promises,
        String note,
        boolean held) {
    private static final int SHORTEST = 5;
    private static final int DEEPEST = 2;

    public Lesson {
        if (minutes < SHORTEST || minutes > LessonPlan.LONGEST) {
            throw new IllegalArgumentException(
                    "A lesson takes from 5 to " + LessonPlan.LONGEST + " minutes, but was to take " + minutes);
        }
        if (depth < 0 || depth > DEEPEST) {
            throw new IllegalArgumentException("The detail of a lesson is 0, 1 or 2, but was " + depth);
        }
        at = at.truncatedTo(ChronoUnit.MINUTES);
        topics = List.copyOf(topics);
        items = List.copyOf(items);
        leftOut = List.copyOf(leftOut);
        promises = List.copyOf(promises);
    }

    /** A couple or a group, with the name it had. */
    public record With(String kind, String id, String name) {
        public With {
            if (!kind.equals("couple") && !kind.equals("group")) {
                throw new IllegalArgumentException(
                        "A lesson is with a couple or a group, but was with a \"" + kind + "\"");
            }
            if (id.isBlank() || name.isBlank()) throw new IllegalArgumentException("Say with whom the lesson is");
        }
    }

    /** A figure or routine worked on, with the name it had. */
    public record About(String kind, String id, String name) {
        public About {
            if (!kind.equals("figure") && !kind.equals("routine")) {
                throw new IllegalArgumentException(
                        "What is worked on is a figure or a routine, but was a \"" + kind + "\"");
            }
        }
    }

    /** Something promised for next time, and whether it has been kept. */
    public record Promise(String text, boolean kept) {
        public Promise {
            if (text.isBlank()) throw new IllegalArgumentException("Say what is promised");
        }
    }

    /** What of it is still promised. */
    public List<String> open() {
        return promises.stream()
                .filter(promise -> !promise.kept())
                .map(Promise::text)
                .toList();
    }

    /** The same with another plan. */
    public Lesson planned(List<Item> newItems, List<String> newLeftOut) {
        return new Lesson(at, minutes, with, where, depth, topics, newItems, newLeftOut, promises, note, held);
    }

    /** The same with something more promised. */
    public Lesson promising(String text) {
        List<Promise> more = new ArrayList<>(promises);
        more.add(new Promise(text, false));
        return new Lesson(at, minutes, with, where, depth, topics, items, leftOut, more, note, held);
    }

    /** The same with a couple or group of another name. */
    public Lesson with(With other) {
        return new Lesson(at, minutes, other, where, depth, topics, items, leftOut, promises, note, held);
    }
}
