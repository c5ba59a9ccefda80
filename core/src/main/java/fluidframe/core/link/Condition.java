package fluidframe.core.link;

/**
 * One thing two figures have to agree on.
 *
 * @param kind what it is about
 * @param holds whether they agree
 * @param left the value that the first figure leaves
 * @param wanted the value that the second begins from
 * @param reason one plain sentence with both values
 */
public record Condition(Kind kind, boolean holds, String left, String wanted, String reason) {
    /** The conditions, foot faults before alignment faults. */
    public enum Kind {
        MAN_FOOT("man's free foot"),
        LADY_FOOT("lady's free foot"),
        POSITION("couple position"),
        HOLD("hold"),
        OUTSIDE("outside partner"),
        BEAT("beat"),
        TRAVEL("direction of travel"),
        ALIGNMENT("alignment");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }
}
