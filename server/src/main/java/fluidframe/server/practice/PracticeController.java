package fluidframe.server.practice;

import fluidframe.core.practice.Practice;
import fluidframe.library.practice.PracticeCalendar;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plans of practice over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/practices")
class PracticeController extends DocumentController<Practice, PracticeView> {
    private static final String CALENDAR = "text/calendar;charset=UTF-8";

    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final Clock clock;

    PracticeController(Documents<Practice, PracticeView.PracticeSummary> practices, Clock clock) {
        super(practices);
        this.practices = practices;
        this.clock = clock;
    }

    /** In order of their events, if wanted from a day on; found by whom they are with, by event and by note. */
    @GetMapping
    Page<PracticeView.PracticeSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return practices.page(new Page.Request("", q, Page.begin(from, after), limit));
    }

    /** The days from today on, and the event, as a calendar file. */
    @GetMapping(path = "/{id}/calendar", produces = CALENDAR)
    ResponseEntity<String> calendar(@PathVariable String id) {
        Document<Practice> kept = practices.get(id);
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"practice.ics\"")
                .body(PracticeCalendar.write(id, kept.value(), today, kept.savedAt()));
    }

    @Override
    protected PracticeView view(Document<Practice> kept) {
        return new PracticeView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
