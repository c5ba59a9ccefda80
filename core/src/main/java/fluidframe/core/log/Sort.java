package fluidframe.core.log;

import fluidframe.core.couple.Role;
import java.util.Locale;

/**
 * What the same fault has in common whenever it is seen: the figure, the role, the row and the words, whatever their case and
 * spaces.
 */
public record Sort(String figure, Role role, int row, String words) {
    static Sort of(Entry.Fault fault) {
        String words = fault.seen().strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return new Sort(fault.figure(), fault.role(), fault.row(), words);
    }
}
