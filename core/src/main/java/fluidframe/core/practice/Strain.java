package fluidframe.core.practice;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.safety.Cautions;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** What loads a body, counted in charts. The marks are this application's own, for advice and no more. */
public enum Strain {
    SPIN("spins and pivots", 150),
    SWIVEL("swivels of half a turn or more on a loaded knee", 150),
    DROP("drops, dips and lines", 40);

    private final String words;
    private final int many;

    Strain(String words, int many) {
        this.words = words;
        this.many = many;
    }

    String words() {
        return words;
    }

    /** So many in one day are worth a word. */
    int many() {
        return many;
    }

    /** How often the busier of the two does each in one run of a chart. */
    public static Map<Strain, Integer> in(Chart chart) {
        Map<Strain, Integer> most = new EnumMap<>(Strain.class);
        for (Role role : Role.values()) {
            Map<Strain, Integer> counted = new EnumMap<>(Strain.class);
            Cautions.dangers(chart, role)
                    .forEach(danger -> of(danger).ifPresent(strain -> counted.merge(strain, 1, Integer::sum)));
            counted.forEach((strain, count) -> most.merge(strain, count, Math::max));
        }
        return most;
    }

    private static Optional<Strain> of(Cautions.Danger danger) {
        return switch (danger) {
            case DROP, LINE -> Optional.of(DROP);
            case SPIN, PIVOT -> Optional.of(SPIN);
            case SWIVEL -> Optional.of(SWIVEL);
            case HEEL_TURN -> Optional.empty();
        };
    }
}
