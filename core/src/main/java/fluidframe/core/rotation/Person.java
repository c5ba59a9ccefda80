package fluidframe.core.rotation;

import fluidframe.core.couple.Role;
import java.util.Set;

/**
 * Somebody in a class.
 *
 * @param roles those that this one dances, one or both
 * @param from the first round in which this one is there, from 0
 * @param until the first round in which this one has left
 */
public record Person(String id, Set<Role> roles, int from, int until) {
    public Person {
        if (roles.isEmpty()) throw new IllegalArgumentException(id + " must dance a role at least");
        if (from < 0 || until < from) {
            throw new IllegalArgumentException(
                    id + " must leave after coming, but is there from round " + from + " to round " + until);
        }
        roles = Set.copyOf(roles);
    }

    /** Somebody who is there from the beginning to the end. */
    public Person(String id, Set<Role> roles) {
        this(id, roles, 0, Integer.MAX_VALUE);
    }

    boolean isThere(int round) {
        return from <= round && round < until;
    }

    boolean mayDanceWith(Person other) {
        return roles.contains(Role.MAN) && other.roles.contains(Role.LADY)
                || roles.contains(Role.LADY) && other.roles.contains(Role.MAN);
    }
}
