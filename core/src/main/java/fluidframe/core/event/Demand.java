package fluidframe.core.event;

import java.util.Optional;

/** One thing that an event may ask of a routine. */
interface Demand {
    /** How the performance stands with it, with the numbers that led to it; empty where the event does not ask it. */
    Optional<Event.Line> judge(Performance performance);
}
