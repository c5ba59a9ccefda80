package fluidframe.core.step;

/** How much of what a body has: of a sway, a shape, a hip action. */
public enum Amount {
    A_LITTLE("a little"),
    HALF("half"),
    FULL("full");

    /** The words, to stand in the middle of a cell's pattern. */
    static final String WORDS = "a little|half|full";

    private final String words;

    Amount(String words) {
        this.words = words;
    }

    static Amount parse(String text) {
        for (Amount amount : values()) if (amount.words.equalsIgnoreCase(text)) return amount;
        throw new IllegalArgumentException("An amount must be a little, half or full, but was \"" + text + "\"");
    }

    @Override
    public String toString() {
        return words;
    }
}
