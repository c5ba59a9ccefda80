package fluidframe.core.people;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Two dancers, or one alone, and what they work on.
 *
 * @param dancers ids, one or two
 * @param role of the first; the second dances the other
 * @param exchanged the dances in which the two exchange their roles
 */
public record Couple(
        String name, List<String> dancers, Role role, Set<Dance> exchanged, Work work, List<Goal> goals, String note) {
    private static final int MOST = 2;

    public Couple {
        if (name.isBlank()) throw new IllegalArgumentException("A couple must have a name");
        if (dancers.isEmpty() || dancers.size() > MOST) {
            throw new IllegalArgumentException(
                    "A couple is two dancers, or one alone, but " + dancers.size() + " are named");
        }
        if (Set.copyOf(dancers).size() < dancers.size()) {
            throw new IllegalArgumentException("The two of a couple must be two dancers, but one is named twice");
        }
        dancers = List.copyOf(dancers);
        exchanged = Set.copyOf(exchanged);
        goals = List.copyOf(goals);
    }

    /**
     * What is worked on; ids, each once.
     *
     * @param events those that are aimed at
     */
    public record Work(List<String> routines, List<String> figures, List<String> events) {
        public static final Work NOTHING = new Work(List.of(), List.of(), List.of());

        public Work {
            routines = once(routines);
            figures = once(figures);
            events = once(events);
        }

        private static List<String> once(List<String> ids) {
            return List.copyOf(new LinkedHashSet<>(ids));
        }
    }

    public boolean isAlone() {
        return dancers.size() == 1;
    }

    /** Who dances a role in a dance; empty where one alone dances the other. */
    public Optional<String> dancer(Role wanted, Dance dance) {
        Role first = exchanged.contains(dance) ? role.partner() : role;
        if (wanted == first) return Optional.of(dancers.get(0));
        return isAlone() ? Optional.empty() : Optional.of(dancers.get(1));
    }

    /**
     * Without one of them; empty if nobody is left.
     *
     * @param newName by which the one who is left is called
     */
    public Optional<Couple> without(String dancer, String newName) {
        List<String> left = new ArrayList<>(dancers);
        left.remove(dancer);
        if (left.isEmpty()) return Optional.empty();
        Role its = left.get(0).equals(dancers.get(0)) ? role : role.partner();
        return Optional.of(new Couple(newName, left, its, exchanged, work, goals, note));
    }

    /** With a line more in its notes. */
    public Couple noting(String line) {
        return new Couple(name, dancers, role, exchanged, work, goals, note.isBlank() ? line : note + "\n" + line);
    }
}
