package fluidframe.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * A day until the event.
 *
 * @param parts in order; none on a day of rest
 * @param why nothing or less is done on it; blank on an ordinary day
 */
public record PracticeDay(LocalDate date, List<Part> parts, String why) {
    public PracticeDay {
        parts = List.copyOf(parts);
    }

    public int minutes() {
        return parts.stream().mapToInt(Part::minutes).sum();
    }

    /** What is practised on it. */
    public List<Part> work() {
        return parts.stream().filter(part -> part.purpose().isWork()).toList();
    }

    boolean hasBeenDanced() {
        return work().stream().anyMatch(part -> part.state() == Part.State.DONE);
    }

    /** With all its work in one state. */
    public PracticeDay as(Part.State state) {
        return new PracticeDay(
                date,
                parts.stream()
                        .map(part -> part.purpose().isWork() ? part.as(state) : part)
                        .toList(),
                why);
    }

    /** With one of its parts, counted from 0, in another state. */
    PracticeDay with(int nth, Part.State state) {
        List<Part> changed = new ArrayList<>(parts);
        changed.set(nth, parts.get(nth).as(state));
        return new PracticeDay(date, changed, why);
    }

    /** Without what was missed, which loads nobody. */
    public PracticeDay withoutMissed() {
        return new PracticeDay(
                date,
                parts.stream().filter(part -> part.state() != Part.State.MISSED).toList(),
                why);
    }

    /** What was not done by its end is missed. */
    PracticeDay over() {
        return new PracticeDay(
                date,
                parts.stream()
                        .map(part -> part.state() == Part.State.OPEN
                                        && part.purpose().isWork()
                                ? part.as(Part.State.MISSED)
                                : part)
                        .toList(),
                why);
    }
}
