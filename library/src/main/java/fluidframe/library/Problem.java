package fluidframe.library;

/**
 * Why a file or a document cannot be read.
 *
 * @param line line in the file from 1, 0 if there is no file
 * @param column column in the line from 1, 0 if there is no file
 * @param path where in the document, as a JSON pointer such as {@code /man/2/turn}
 * @param message what must hold and what stood there
 */
public record Problem(int line, int column, String path, String message) {
    @Override
    public String toString() {
        String where = path.isEmpty() ? "" : path + ": ";
        return line == 0 ? where + message : "line " + line + ", column " + column + ": " + where + message;
    }
}
