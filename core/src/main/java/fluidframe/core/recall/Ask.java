package fluidframe.core.recall;

import fluidframe.core.chart.Column;
import fluidframe.core.couple.Role;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a question asks for. */
public enum Ask {
    ALIGNMENT("alignment", Column.ALIGN),
    TURN("turn", Column.TURN),
    FOOTWORK("footwork", Column.WORK),
    PLACEMENT("step", Column.PLACE),
    TIMING("timing", null),
    POSITION("position", Column.POSITION),
    FOLLOWS("follows", null);

    private final String word;
    private final Column column;

    Ask(String word, Column column) {
        this.word = word;
        this.column = column;
    }

    /** Reads its word, such as {@code "footwork"}. */
    public static Ask parse(String text) {
        return Arrays.stream(values())
                .filter(ask -> ask.word.equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("What is asked for must be one of "
                        + Arrays.stream(values()).map(Ask::toString).collect(Collectors.joining(", ")) + ", but was \""
                        + text + "\""));
    }

    /** By which the question about a row of a figure is known. */
    public String cardOf(String figure, Role role, int row) {
        return figure + "~" + role + "~" + row + "~" + word;
    }

    /** The column of the chart in which the answer stands; empty where it is of the figure as a whole. */
    public Optional<Column> column() {
        return Optional.ofNullable(column);
    }

    @Override
    public String toString() {
        return word;
    }
}
