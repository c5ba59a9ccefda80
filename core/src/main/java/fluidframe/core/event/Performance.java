package fluidframe.core.event;

import fluidframe.core.count.TempoBand;
import fluidframe.core.floor.Stride;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A routine as it would be danced at an event.
 *
 * @param played the slowest and fastest tempo to which it is danced, in bars a minute
 * @param seconds how long it lasts, with the song it is set to
 */
record Performance(Event event, RoutineWork work, TempoBand played, double seconds, Stride stride) {
    boolean isTooShort() {
        return Math.round(seconds) < event.leastSeconds();
    }

    /**
     * Whether it has to be danced again to last long enough, and can be: a circuit shorter than the heat is, which the heat's
     * length does not forbid; a showcase is not.
     */
    boolean isDancedAgain() {
        return isTooShort() && work.canRepeat();
    }

    /** The blocks that are meant, from 0. */
    List<Integer> blocks(Predicate<Block> wanted) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            if (wanted.test(work.blocks().get(i))) found.add(i);
        }
        return found;
    }

    /** {@code "Whisk (bar 3), Wing (bar 7)"}. */
    String named(List<Integer> blocks) {
        return String.join(
                ", ",
                blocks.stream()
                        .map(i -> work.blocks().get(i).name() + " (bar "
                                + work.blocks().get(i).bar(work.dance().bar()) + ")")
                        .toList());
    }

    /** A line that is kept where no block offends. */
    Optional<Event.Line> unless(List<Integer> offending, String about, String kept, String broken) {
        if (offending.isEmpty()) return line(about, true, kept, List.of());
        return line(about, false, broken + named(offending) + ".", offending);
    }

    static Optional<Event.Line> line(String about, boolean kept, String detail, List<Integer> blocks) {
        Event.Verdict verdict = kept ? Event.Verdict.KEPT : Event.Verdict.BROKEN;
        return Optional.of(new Event.Line(about, verdict, detail, blocks));
    }

    /** Whole numbers without a fraction, others with one digit. */
    static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ROOT, "%.1f", value);
    }
}
