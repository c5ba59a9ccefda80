package fluidframe.core.lesson;

import fluidframe.core.chart.Start;
import fluidframe.core.count.Dance;
import fluidframe.core.log.Rate;
import fluidframe.core.log.Standing;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A figure or routine to be worked on, with what is known of how this couple dances it.
 *
 * @param kind figure or routine
 * @param solo whether one dancer alone dances it
 * @param standing how it is danced; empty if it never was
 * @param weak what goes wrong, the worst first
 * @param tempo the tempo wanted, in bars a minute
 * @param movedOn what has changed since it was taught; blank if nothing has
 * @param dance of which it is, if that is known
 * @param start how a figure begins; empty for a routine
 */
public record Topic(
        String kind,
        String id,
        String name,
        boolean solo,
        Optional<Standing> standing,
        List<Weak> weak,
        OptionalDouble tempo,
        String movedOn,
        Optional<Dance> dance,
        Optional<Start> start) {
    public Topic {
        weak = List.copyOf(weak);
    }

    /** One of which neither dance nor position is known. */
    public Topic(
            String kind,
            String id,
            String name,
            boolean solo,
            Optional<Standing> standing,
            List<Weak> weak,
            OptionalDouble tempo,
            String movedOn) {
        this(kind, id, name, solo, standing, weak, tempo, movedOn, Optional.empty(), Optional.empty());
    }

    /**
     * A fault that is still seen.
     *
     * @param row from 1
     * @param rate in the runs of late
     * @param figure id of the figure in a routine in which it is seen, and its name; blank for a figure by itself
     */
    public record Weak(String role, int row, String seen, String cue, Rate rate, String figure, String figureName) {
        /** One of a figure by itself. */
        public Weak(String role, int row, String seen, String cue, Rate rate) {
            this(role, row, seen, cue, rate, "", "");
        }
    }

    boolean isNew() {
        return standing.isEmpty();
    }

    boolean isClean() {
        return standing.map(Standing::isClean).orElse(false);
    }

    /** How much is missing of the tempo wanted, in bars a minute; nothing where either is unknown. */
    double missingTempo() {
        OptionalDouble reached = standing.map(Standing::fastestClean).orElse(OptionalDouble.empty());
        return tempo.isPresent() && reached.isPresent() ? Math.max(0, tempo.getAsDouble() - reached.getAsDouble()) : 0;
    }
}
