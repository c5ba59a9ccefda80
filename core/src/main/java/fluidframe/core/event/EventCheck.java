package fluidframe.core.event;

import fluidframe.core.count.TempoBand;
import fluidframe.core.floor.Stride;
import fluidframe.core.routine.RoutineWork;
import java.util.List;
import java.util.Optional;

/** A routine held against what an event asks, line by line, each with the numbers that led to it. */
public final class EventCheck {
    private static final List<Demand> DEMANDS = List.of(
            new DanceDemand(),
            new TempoDemand(),
            new TimeDemand(),
            new LevelDemand(),
            new BarredDemand(),
            new HoldsDemand(),
            new ElementsDemand(),
            new FiguresDemand(),
            new JoinsDemand(),
            new FloorDemand());

    private EventCheck() {}

    /**
     * Every demand of the event in a line of its own.
     *
     * @param played the slowest and fastest tempo to which it is danced, in bars a minute
     * @param seconds how long the routine lasts, with the song it is set to
     */
    public static List<Event.Line> of(Event event, RoutineWork work, TempoBand played, double seconds, Stride stride) {
        Performance performance = new Performance(event, work, played, seconds, stride);
        return DEMANDS.stream()
                .map(demand -> demand.judge(performance))
                .flatMap(Optional::stream)
                .toList();
    }
}
