package fluidframe.core.step;

/** The side to which the body inclines, away from the moving foot and towards the inside of a turn. */
public enum Sway {
    STRAIGHT("straight", "S", "none", "-"),
    LEFT("L", "left", "to L"),
    RIGHT("R", "right", "to R");

    private final String[] words;

    Sway(String... words) {
        this.words = words;
    }

    public static Sway parse(String text) {
        return Words.find(Sway.class, sway -> sway.words, "A sway", text);
    }

    /** What the partner facing this dancer shows at the same time. */
    public Sway mirrored() {
        if (this == STRAIGHT) return STRAIGHT;
        return this == LEFT ? RIGHT : LEFT;
    }

    @Override
    public String toString() {
        return words[0];
    }
}
