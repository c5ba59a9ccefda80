package fluidframe.core.event;

import fluidframe.core.count.TempoBand;
import java.util.List;
import java.util.Optional;

/** All of it is danced to tempos that are played there. */
final class TempoDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        TempoBand band = performance.event().tempos().get(performance.work().dance());
        if (band == null) return Optional.empty();
        TempoBand played = performance.played();
        boolean kept = played.slowest() >= band.slowest() && played.fastest() <= band.fastest();
        return Performance.line(
                "Tempo",
                kept,
                range(played) + " bars a minute; " + Performance.number(band.slowest()) + " to "
                        + Performance.number(band.fastest()) + " are played there.",
                List.of());
    }

    private static String range(TempoBand played) {
        String slowest = Performance.number(played.slowest());
        return played.slowest() == played.fastest() ? slowest : slowest + " to " + Performance.number(played.fastest());
    }
}
