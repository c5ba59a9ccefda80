package fluidframe.server.event;

import fluidframe.core.event.Event;
import fluidframe.core.event.EventCheck;
import fluidframe.core.event.EventTerms;
import fluidframe.core.routine.Routine;
import fluidframe.server.list.Lists;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import java.util.List;
import org.springframework.stereotype.Service;

/** Kept routines against kept events. */
@Service
public class EventReports {
    private final Documents<EventTerms, EventView.EventSummary> events;
    private final Documents<Routine, RoutineSummary> routines;
    private final Lists lists;
    private final RoutineDesk desk;

    EventReports(
            Documents<EventTerms, EventView.EventSummary> events,
            Documents<Routine, RoutineSummary> routines,
            Lists lists,
            RoutineDesk desk) {
        this.events = events;
        this.routines = routines;
        this.lists = lists;
        this.desk = desk;
    }

    /** Refuses a level that its list does not have; a list that is gone leaves that to be asked. */
    void refuse(EventTerms terms) {
        lists.find(terms.list()).ifPresent(levels -> terms.under(levels, fluidframe.core.floor.Point.ORIGIN));
    }

    public EventView.EventReport of(String id, String routineId) {
        EventTerms terms = events.get(id).value();
        Routine routine = routines.get(routineId).value();
        RoutineDesk.WorkedOut worked = desk.worked(routine);
        Event event = terms.under(lists.list(terms.list()), routine.hall().start());
        List<Event.Line> lines =
                EventCheck.of(event, worked.work(), worked.played(), worked.seconds(), routine.stride());
        return new EventView.EventReport(
                terms.name(),
                routine.name(),
                routine.dance().title(),
                routine.couple(),
                Math.round(worked.seconds() * 10) / 10.0,
                lines.stream().noneMatch(line -> line.verdict() == Event.Verdict.BROKEN),
                lines.stream().map(EventView.LineView::of).toList());
    }
}
