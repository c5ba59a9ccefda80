package fluidframe.core.step;

/** The left or the right foot. */
public enum Foot {
    LEFT("L", -1),
    RIGHT("R", 1);

    private final String letter;
    private final int side;

    Foot(String letter, int side) {
        this.letter = letter;
        this.side = side;
    }

    /** Reads {@code "L"}, {@code "LF"} or {@code "left"}, and the same for the right. */
    public static Foot parse(String text) {
        return Words.find(
                Foot.class, foot -> new String[] {foot.letter, foot.letter + "F", foot.name()}, "A foot", text);
    }

    public Foot other() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** -1 for the left, 1 for the right. */
    public int side() {
        return side;
    }

    /** {@code "LF"} or {@code "RF"}. */
    public String spoken() {
        return letter + "F";
    }

    @Override
    public String toString() {
        return letter;
    }
}
