package fluidframe.server.refusal;

import fluidframe.library.text.Problem;
import java.util.List;

/** Thrown when a chart in a request cannot be read; carries every problem with its place. */
public final class UnreadableException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public UnreadableException(List<Problem> problems) {
        super(sentence(problems.get(0)));
        this.problems = List.copyOf(problems);
    }

    /** A file's lines are told; the path in a request is for programs, which have it beside the sentence. */
    private static String sentence(Problem problem) {
        return problem.line() > 0
                ? "Line " + problem.line() + ", column " + problem.column() + ": " + problem.message()
                : problem.message();
    }

    public List<Problem> problems() {
        return problems;
    }
}
