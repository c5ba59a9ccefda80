package fluidframe.core.step;

/** How much of the dancer's weight the foot takes. Only full weight changes the standing foot. */
public enum Weight {
    FULL("full"),
    PART("part"),
    NONE("none");

    private final String word;

    Weight(String word) {
        this.word = word;
    }

    public static Weight parse(String text) {
        return Words.find(Weight.class, weight -> new String[] {weight.word}, "A weight", text);
    }

    @Override
    public String toString() {
        return word;
    }
}
