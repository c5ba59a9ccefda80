package fluidframe.library.text;

import java.util.ArrayList;
import java.util.List;

/**
 * Why a file or a document cannot be read.
 *
 * @param line line in the file from 1, 0 if there is no file
 * @param column column in the line from 1, 0 if there is no file
 * @param path where in the document, as a JSON pointer such as {@code /man/2/turn}
 * @param message what must hold and what stood there
 */
public record Problem(int line, int column, String path, String message) {
    /** Nobody reads more at once. */
    private static final int MOST = 100;

    /** The first hundred, and how many more there are. */
    public static List<Problem> capped(List<Problem> problems) {
        if (problems.size() <= MOST) return problems;
        List<Problem> first = new ArrayList<>(problems.subList(0, MOST));
        first.add(new Problem(0, 0, "", "and " + (problems.size() - MOST) + " more of the kind"));
        return first;
    }

    @Override
    public String toString() {
        String where = path.isEmpty() ? "" : path + ": ";
        return line == 0 ? where + message : "line " + line + ", column " + column + ": " + where + message;
    }
}
