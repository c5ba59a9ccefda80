package fluidframe.core.step;

/** How the knees spring on a row of a dance that bounces. */
public enum Bounce {
    NONE("none", "-", "no"),
    /** Down and up once a beat. */
    BASIC("basic", "yes", "full"),
    /** Down and up over a beat divided 3/4 and 1/4. */
    ALTERNATIVE("alternative", "alt"),
    SLIGHT("slight");

    private final String[] words;

    Bounce(String... words) {
        this.words = words;
    }

    public static Bounce parse(String text) {
        return Words.find(Bounce.class, bounce -> bounce.words, "A bounce", text);
    }

    @Override
    public String toString() {
        return words[0];
    }
}
