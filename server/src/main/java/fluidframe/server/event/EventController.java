package fluidframe.server.event;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Events over HTTP. */
@RestController
@RequestMapping("/api/events")
class EventController {
    /** A save and the version it was begun from. */
    record EventSave(
            @Min(0) long expectedVersion, @NotNull @Valid EventDraft event) {}

    private final EventService events;

    EventController(EventService events) {
        this.events = events;
    }

    @GetMapping
    List<EventView.EventSummary> list() {
        return events.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    EventView create(@Valid @RequestBody EventDraft draft) {
        return events.create(draft);
    }

    @GetMapping("/{id}")
    EventView get(@PathVariable UUID id) {
        return events.get(id);
    }

    @PutMapping("/{id}")
    EventView save(@PathVariable UUID id, @Valid @RequestBody EventSave save) {
        return events.save(id, save.expectedVersion(), save.event());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        events.delete(id);
    }

    @GetMapping("/{id}/report")
    EventView.EventReport report(@PathVariable UUID id, @RequestParam UUID routine) {
        return events.check(id, routine);
    }
}
