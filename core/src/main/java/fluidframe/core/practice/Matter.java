package fluidframe.core.practice;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Something to be practised.
 *
 * @param kind figure, routine or drill
 * @param id of it
 * @param name of it
 * @param row from 1, at which the stage opens; 0 for the beginning
 * @param role whose row it is, man or lady; blank for both
 * @param purpose one that is work
 * @param need how much it is needed, from 1 to {@value #MOST}
 * @param emphasis what the coach adds to that
 * @param clean the tempo last danced clean, in bars a minute
 * @param wanted the tempo wanted
 * @param last the day on which it was danced last; empty if it never was
 * @param why in words
 */
public record Matter(
        String kind,
        String id,
        String name,
        int row,
        String role,
        Purpose purpose,
        int need,
        Emphasis emphasis,
        OptionalDouble clean,
        OptionalDouble wanted,
        Optional<LocalDate> last,
        String why) {
    static final int MOST = 12;

    /** Points of a session of a matter of need 1 at its ideal gap. */
    private static final int POINTS = 2;

    public Matter {
        if (!purpose.isWork()) throw new IllegalArgumentException("Nothing is practised in a " + purpose);
        if (need < 1 || need > MOST) {
            throw new IllegalArgumentException("A need is from 1 to " + MOST + ", but was " + need);
        }
    }

    /** By which it is known from one plan to the next. */
    public String key() {
        return kind + ":" + id;
    }

    /** What it has become by a day. */
    Purpose by(int daysLeft, int practised) {
        return purpose.by(daysLeft, kind.equals("routine"), practised);
    }

    /**
     * What a session is worth: half the ideal gap brings three quarters, the ideal and everything beyond it all.
     *
     * @param gap days since the last, at least 1
     * @param daysLeft until the event
     * @param practised days since it was first practised
     */
    int points(int gap, int daysLeft, int practised) {
        Purpose then = by(daysLeft, practised);
        double missing = Math.max(0, 1 - (double) gap / then.ideal());
        return (int) Math.round(POINTS * need * emphasis.factor() * (1 - missing * missing) * then.season(daysLeft));
    }

    /** The same, wanted more or less. */
    public Matter wanted(Emphasis other) {
        return new Matter(kind, id, name, row, role, purpose, need, other, clean, wanted, last, why);
    }

    /** The same, as if it had been danced on the day before at the latest. */
    Matter lastBefore(LocalDate day) {
        return last.isEmpty() || last.get().isBefore(day) ? this : last(day.minusDays(1));
    }

    /** The same, danced on a day or later. */
    Matter lastOn(LocalDate day) {
        return last.filter(before -> !before.isBefore(day)).isPresent() ? this : last(day);
    }

    private Matter last(LocalDate day) {
        return new Matter(kind, id, name, row, role, purpose, need, emphasis, clean, wanted, Optional.of(day), why);
    }
}
