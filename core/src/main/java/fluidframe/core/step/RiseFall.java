package fluidframe.core.step;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Rise and fall over one row, in the order in which it happens.
 *
 * @param actions what happens; empty means that the row stays at the level it found
 * @param noFootRise whether the rise is of the body and legs only (usual on the inside of a turn)
 */
public record RiseFall(Set<Action> actions, boolean noFootRise) {
    /** The moments of rise and fall, in their natural order. */
    public enum Action {
        COMMENCE("commence"),
        COMMENCE_AT_END("commence at end"),
        CONTINUE("continue"),
        UP("up"),
        LOWER("lower"),
        LOWER_AT_END("lower at end");

        private final String words;

        Action(String words) {
            this.words = words;
        }

        public boolean commences() {
            return this == COMMENCE || this == COMMENCE_AT_END;
        }

        public boolean lowers() {
            return this == LOWER || this == LOWER_AT_END;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    public static final RiseFall NONE = new RiseFall(Set.of(), false);

    private static final Map<String, Action> ALIASES = Map.ofEntries(
            Map.entry("commence", Action.COMMENCE),
            Map.entry("rise", Action.COMMENCE),
            Map.entry("commence at end", Action.COMMENCE_AT_END),
            Map.entry("commence e/o", Action.COMMENCE_AT_END),
            Map.entry("rise at end", Action.COMMENCE_AT_END),
            Map.entry("rise e/o", Action.COMMENCE_AT_END),
            Map.entry("continue", Action.CONTINUE),
            Map.entry("cont", Action.CONTINUE),
            Map.entry("up", Action.UP),
            Map.entry("lower", Action.LOWER),
            Map.entry("lower at end", Action.LOWER_AT_END),
            Map.entry("lower e/o", Action.LOWER_AT_END));

    public RiseFall {
        actions = actions.isEmpty() ? Set.of() : java.util.Collections.unmodifiableSet(EnumSet.copyOf(actions));
    }

    /** Reads {@code "commence at end, NFR"}, {@code "up, lower at end"} or {@code "none"}. */
    public static RiseFall parse(String text) {
        String words = text.trim().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        Set<Action> actions = EnumSet.noneOf(Action.class);
        boolean noFootRise = false;
        if (words.isEmpty() || words.equals("none") || words.equals("-")) return NONE;
        for (String clause : words.split("\\s*,\\s*")) {
            if (clause.equals("nfr") || clause.equals("no foot rise")) {
                noFootRise = true;
            } else if (ALIASES.containsKey(clause)) {
                actions.add(ALIASES.get(clause));
            } else {
                throw new IllegalArgumentException(
                        "Rise and fall must be made of commence, commence at end, continue, up,"
                                + " lower, lower at end, NFR or none, but was \"" + text + "\"");
            }
        }
        return new RiseFall(actions, noFootRise);
    }

    public boolean commences() {
        return actions.stream().anyMatch(Action::commences);
    }

    public boolean lowers() {
        return actions.stream().anyMatch(Action::lowers);
    }

    /** Whether the dancer is up while the foot is placed, given the level before. */
    public boolean isUpDuring(boolean upBefore) {
        if (actions.contains(Action.UP) || actions.contains(Action.CONTINUE) || actions.contains(Action.COMMENCE)) {
            return true;
        }
        return upBefore && !actions.contains(Action.LOWER);
    }

    /** Whether the dancer is up when the row ends, given the level before. */
    public boolean isUpAfter(boolean upBefore) {
        if (lowers()) return false;
        return upBefore || !actions.isEmpty();
    }

    @Override
    public String toString() {
        StringBuilder words = new StringBuilder();
        for (Action action : actions) {
            words.append(words.isEmpty() ? "" : ", ").append(action);
        }
        if (noFootRise) words.append(words.isEmpty() ? "" : ", ").append("NFR");
        return words.isEmpty() ? "none" : words.toString();
    }
}
