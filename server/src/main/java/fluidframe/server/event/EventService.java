package fluidframe.server.event;

import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.event.Event;
import fluidframe.core.event.EventCheck;
import fluidframe.core.floor.Point;
import fluidframe.server.list.ListService;
import fluidframe.server.routine.RoutineDesk;
import fluidframe.server.routine.RoutineDraft;
import fluidframe.server.routine.RoutineService;
import fluidframe.server.web.NotFoundException;
import fluidframe.server.web.StaleException;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeping events and checking routines against them. */
@Service
class EventService {
    private final EventRepository events;
    private final ListService lists;
    private final RoutineService routines;
    private final RoutineDesk desk;
    private final ObjectMapper mapper;

    EventService(
            EventRepository events, ListService lists, RoutineService routines, RoutineDesk desk, ObjectMapper mapper) {
        this.events = events;
        this.lists = lists;
        this.routines = routines;
        this.desk = desk;
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    List<EventView.EventSummary> list() {
        return events.findAllByOrderByName().stream()
                .map(entity -> new EventView.EventSummary(
                        entity.id(),
                        entity.name(),
                        view(entity).event().dances().stream()
                                .map(EventDraft.BandDraft::dance)
                                .toList()))
                .toList();
    }

    @Transactional(readOnly = true)
    EventView get(UUID id) {
        return view(entity(id));
    }

    @Transactional
    EventView create(EventDraft draft) {
        return keep(new EventEntity(UUID.randomUUID()), draft);
    }

    @Transactional
    EventView save(UUID id, long expectedVersion, EventDraft draft) {
        EventEntity entity = entity(id);
        if (entity.version() != expectedVersion) {
            throw new StaleException(
                    "The event \"" + draft.name() + "\"", expectedVersion, entity.version(), view(entity), draft);
        }
        return keep(entity, draft);
    }

    @Transactional
    void delete(UUID id) {
        events.delete(entity(id));
    }

    /** Checks a kept routine. */
    @Transactional(readOnly = true)
    EventView.EventReport check(UUID id, UUID routineId) {
        EventDraft draft = view(entity(id)).event();
        RoutineDraft routine = routines.draft(routineId);
        RoutineDesk.WorkedOut worked = desk.worked(routine);
        Event event = draft.toEvent(
                lists.list(draft.list()),
                new Point(routine.floor().startX(), routine.floor().startY()));
        List<Event.Line> lines =
                EventCheck.of(event, worked.work(), worked.played(), worked.seconds(), worked.stride());
        return new EventView.EventReport(
                draft.name(),
                routine.name(),
                routine.toDance().title(),
                routine.couple(),
                Math.round(worked.seconds() * 10) / 10.0,
                lines.stream().noneMatch(line -> line.verdict() == Event.Verdict.BROKEN),
                lines.stream().map(EventView.LineView::of).toList());
    }

    private EventView keep(EventEntity entity, EventDraft draft) {
        draft.toEvent(lists.list(draft.list()), Point.ORIGIN);
        entity.replaceWith(draft.name().trim(), draft, mapper);
        return view(events.saveAndFlush(entity));
    }

    private EventEntity entity(UUID id) {
        return events.findById(id).orElseThrow(() -> new NotFoundException("There is no event " + id));
    }

    private EventView view(EventEntity entity) {
        return new EventView(entity.id(), entity.version(), entity.read(EventDraft.class, mapper));
    }
}
