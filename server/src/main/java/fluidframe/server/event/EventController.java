package fluidframe.server.event;

import fluidframe.core.event.EventTerms;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Events over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/events")
class EventController extends DocumentController<EventTerms, EventView> {
    private final Documents<EventTerms, EventView.EventSummary> events;
    private final EventReports reports;

    EventController(Documents<EventTerms, EventView.EventSummary> events, EventReports reports) {
        super(events);
        this.events = events;
        this.reports = reports;
    }

    @GetMapping
    Page<EventView.EventSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return events.page(new Page.Request("", q, after, limit));
    }

    @GetMapping("/{id}/report")
    EventView.EventReport report(@PathVariable String id, @RequestParam String routine) {
        return reports.of(id, routine);
    }

    @Override
    protected void refuse(EventTerms terms, String id) {
        reports.refuse(terms);
    }

    @Override
    protected EventView view(Document<EventTerms> kept) {
        return new EventView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
