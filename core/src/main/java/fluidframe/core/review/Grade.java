package fluidframe.core.review;

/** How well something was recalled. */
public enum Grade {
    AGAIN,
    HARD,
    GOOD,
    EASY;

    /** From 1 to 4, as the formulas count. */
    int number() {
        return ordinal() + 1;
    }
}
