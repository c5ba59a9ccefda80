package fluidframe.core.step;

/** Contra body movement: the side opposite to the moving foot turns towards it. The position (CBMP) is a placement. */
public enum ContraBody {
    NONE("no"),
    SLIGHT("slight"),
    FULL("yes");

    private final String word;

    ContraBody(String word) {
        this.word = word;
    }

    public static ContraBody parse(String text) {
        return Words.find(
                ContraBody.class,
                value -> value == FULL
                        ? new String[] {"yes", "CBM", "true"}
                        : value == NONE ? new String[] {"no", "none", "-", "false"} : new String[] {value.word},
                "CBM",
                text);
    }

    @Override
    public String toString() {
        return word;
    }
}
