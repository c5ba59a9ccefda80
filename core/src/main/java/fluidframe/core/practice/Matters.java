package fluidframe.core.practice;

import fluidframe.core.lesson.Topic;
import fluidframe.core.log.Rate;
import fluidframe.core.log.Standing;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a couple has to practise, from what its log says of the figures and routines it works on. */
public final class Matters {
    private static final int NEW = 8;
    private static final int WEAK = 4;
    private static final int MORE_WEAK = 6;
    private static final int RUN = 6;
    private static final int KEEP = 2;
    private static final int DRILL = 4;
    private static final int PROMISED = 2;

    /** How much is wanting of the tempo before it counts as wanting, in bars a minute. */
    private static final int SLOW = 1;

    /** So many faults of a routine are worked on in their figures. */
    private static final int FAULTS = 3;

    private Matters() {}

    /**
     * What practising one figure or routine comes to: a routine is run through, and its weak figures are worked on.
     *
     * @param promised whether it was, at the last lesson
     */
    public static List<Matter> of(Topic topic, Emphasis emphasis, boolean promised, ZoneId zone) {
        Optional<LocalDate> last = topic.standing().map(standing -> LocalDate.ofInstant(standing.last(), zone));
        Base base = new Base(topic, emphasis, promised, last);
        List<Matter> matters = new ArrayList<>();
        if (topic.kind().equals("routine")) {
            if (topic.standing().isEmpty())
                return List.of(base.matter(Purpose.NEW, NEW, 0, "", "no run in the log yet"));
            matters.add(base.matter(
                    Purpose.RUN,
                    RUN,
                    0,
                    "",
                    "at the tempo of the event: " + clean(topic.standing().get())));
            topic.weak().stream()
                    .filter(weak -> !weak.figure().isBlank())
                    .limit(FAULTS)
                    .forEach(weak -> matters.add(new Matter(
                            "figure",
                            weak.figure(),
                            weak.figureName(),
                            weak.row(),
                            weak.role(),
                            Purpose.WEAK,
                            need(weak.rate()),
                            emphasis,
                            OptionalDouble.empty(),
                            topic.tempo(),
                            last,
                            told(weak) + ", in " + topic.name())));
            return matters;
        }
        if (topic.standing().isEmpty()) return List.of(base.matter(Purpose.NEW, NEW, 0, "", "no run in the log yet"));
        Standing standing = topic.standing().get();
        if (!topic.weak().isEmpty()) {
            Topic.Weak worst = topic.weak().get(0);
            return List.of(base.matter(Purpose.WEAK, need(worst.rate()), worst.row(), worst.role(), told(worst)));
        }
        boolean slow = topic.tempo().orElse(0) - standing.fastestClean().orElse(0) >= SLOW;
        if (!standing.isClean()) {
            int missing = standing.lately().of() - standing.lately().times();
            return List.of(base.matter(
                    Purpose.WEAK, need(new Rate(missing, standing.lately().of())), 0, "", clean(standing)));
        }
        return List.of(
                slow
                        ? base.matter(Purpose.WEAK, WEAK, 0, "", "clean, but not yet at the tempo wanted")
                        : base.matter(Purpose.KEEP, KEEP, 0, "", clean(standing)));
    }

    /** A drill, for which the coach asks. */
    public static Matter drill(String id, String name, Emphasis emphasis) {
        return new Matter(
                "drill",
                id,
                name,
                0,
                "",
                Purpose.WEAK,
                DRILL,
                emphasis,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                "asked for by the coach");
    }

    private static int need(Rate faulty) {
        return WEAK + (int) Math.round(MORE_WEAK * faulty.share());
    }

    private static String told(Topic.Weak fault) {
        return fault.seen() + " ({" + fault.role() + "}, step " + fault.row() + ", " + fault.rate() + " runs)"
                + (fault.cue().isBlank() ? "" : ": " + fault.cue());
    }

    private static String clean(Standing standing) {
        Rate lately = standing.lately();
        return lately.times() + " of the last " + lately.of() + " " + (lately.of() == 1 ? "run" : "runs") + " clean";
    }

    private record Base(Topic topic, Emphasis emphasis, boolean promised, Optional<LocalDate> last) {
        Matter matter(Purpose purpose, int need, int row, String role, String why) {
            return new Matter(
                    topic.kind(),
                    topic.id(),
                    topic.name(),
                    row,
                    role,
                    purpose,
                    need + (promised ? PROMISED : 0),
                    emphasis,
                    lastClean(),
                    topic.tempo(),
                    last,
                    why + (promised ? "; promised at the last lesson" : ""));
        }

        private OptionalDouble lastClean() {
            List<Standing.CleanRun> clean =
                    topic.standing().map(Standing::cleanRuns).orElse(List.of());
            return clean.isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(clean.get(clean.size() - 1).tempo());
        }
    }
}
