package fluidframe.core.jotting;

import fluidframe.core.couple.Role;
import java.util.Map;
import java.util.Optional;

/** The words that tell which of two dancers is meant. */
final class RoleWord {
    private static final Map<String, Role> ROLES = Map.ofEntries(
            Map.entry("man", Role.MAN),
            Map.entry("leader", Role.MAN),
            Map.entry("gent", Role.MAN),
            Map.entry("he", Role.MAN),
            Map.entry("his", Role.MAN),
            Map.entry("lady", Role.LADY),
            Map.entry("follower", Role.LADY),
            Map.entry("she", Role.LADY),
            Map.entry("her", Role.LADY));

    private RoleWord() {}

    static boolean is(String word) {
        return ROLES.containsKey(word);
    }

    static Optional<Role> role(String word) {
        return Optional.ofNullable(ROLES.get(word));
    }
}
