package fluidframe.core.people;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * Somebody who dances. Nothing more personal is asked for.
 *
 * @param roles those preferred; empty where it does not matter
 * @param heightCm in centimetres, from 80 to 230
 * @param levels by dance, in the words of whatever list the coach goes by
 */
public record Dancer(String name, List<Role> roles, OptionalInt heightCm, Map<Dance, String> levels, String note) {
    private static final int SHORTEST = 80;
    private static final int TALLEST = 230;

    public Dancer {
        if (name.isBlank()) throw new IllegalArgumentException("A dancer must have a name");
        heightCm.ifPresent(cm -> {
            if (cm < SHORTEST || cm > TALLEST) {
                throw new IllegalArgumentException("A height must be from 80 to 230 cm, but was " + cm);
            }
        });
        roles = List.copyOf(roles);
        levels = Collections.unmodifiableMap(new LinkedHashMap<>(levels));
    }
}
