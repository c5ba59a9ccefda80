package fluidframe.server.web;

import fluidframe.library.Problem;
import java.util.List;

/** Thrown when a chart in a request cannot be read; carries every problem with its place. */
public final class UnreadableException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public UnreadableException(List<Problem> problems) {
        super(problems.get(0).toString());
        this.problems = List.copyOf(problems);
    }

    List<Problem> problems() {
        return problems;
    }
}
