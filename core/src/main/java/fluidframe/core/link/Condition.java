package fluidframe.core.link;

import fluidframe.core.couple.RoleWords;

/**
 * One thing two figures have to agree on.
 *
 * @param kind what it is about
 * @param holds whether they agree
 * @param left the value that the first figure leaves
 * @param wanted the value that the second begins from
 * @param told one plain sentence with both values, which names the roles as {@link RoleWords} tells
 */
public record Condition(Kind kind, boolean holds, String left, String wanted, String told) {
    /** The sentence with the roles named man and lady. */
    public String reason() {
        return RoleWords.plain(told);
    }

    /** The conditions, foot faults before alignment faults. */
    public enum Kind {
        DANCERS("who dances"),
        MAN_FOOT("{man}'s free foot"),
        LADY_FOOT("{lady}'s free foot"),
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

        /** What it is about, with the role named as {@link RoleWords} tells. */
        public String told() {
            return words;
        }

        @Override
        public String toString() {
            return RoleWords.plain(words);
        }
    }
}
