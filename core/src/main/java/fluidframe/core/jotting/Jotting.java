package fluidframe.core.jotting;

import fluidframe.core.couple.Role;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A line as it was understood.
 *
 * @param people who is meant, the likeliest first; more than one where it is not sure, none where nobody is named
 * @param subjects what is meant, the likeliest first
 * @param row from 1; 0 where no step is named
 * @param bar from 1; 0 where no bar is named
 * @param seen the fault, the promise or the note, in the words typed; blank for a clean run
 * @param date the day on which it was seen
 * @param runs in how many runs of how many it was seen
 * @param otherSide whether it was danced to the side that the chart does not show
 */
public record Jotting(
        Kind kind,
        List<Names.Named> people,
        List<Names.Named> subjects,
        int row,
        int bar,
        Optional<Role> role,
        String seen,
        String cause,
        String cue,
        OptionalDouble tempo,
        LocalDate date,
        Runs runs,
        boolean otherSide) {
    /** What a line tells. */
    public enum Kind {
        FAULT,
        CLEAN,
        TAUGHT,
        PROMISE,
        NOTE
    }

    /** In how many of how many runs; one of one where no numbers are named. */
    public record Runs(int times, int of) {
        public static final Runs ONCE = new Runs(1, 1);
    }

    public Jotting {
        people = List.copyOf(people);
        subjects = List.copyOf(subjects);
    }

    /** What has to be said before it can be kept, one sentence each, if this subject is meant. */
    public List<String> missing(Optional<Names.Named> subject) {
        List<String> missing = new ArrayList<>();
        boolean isSentence = kind == Kind.PROMISE || kind == Kind.NOTE;
        if (isSentence) {
            if (seen.isBlank()) missing.add("Say what");
            return missing;
        }
        if (subject.isEmpty()) missing.add("Say which figure or routine it was");
        if (kind == Kind.CLEAN && runs.times() < runs.of()) {
            missing.add("Say what was seen in the runs that were not clean, each fault in a line of its own");
        }
        if (kind != Kind.FAULT) return missing;
        if (seen.isBlank()) missing.add("Say what was seen, or \"clean\"");
        if (row == 0 && bar == 0) missing.add("Say at which step, such as \"5\"");
        if (role.isEmpty()) missing.add("Say whose it was, such as \"{lady}\"");
        subject.filter(named -> named.rows() > 0 && row > named.rows())
                .ifPresent(named ->
                        missing.add(named.name() + " has " + named.rows() + " steps, but step " + row + " was named"));
        return missing;
    }
}
