package fluidframe.server.people;

import fluidframe.core.people.Dancer;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Dancers over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/dancers")
class DancerController extends DocumentController<Dancer, PeopleView.PersonView> {
    private final Documents<Dancer, PeopleView.DancerSummary> dancers;

    DancerController(Documents<Dancer, PeopleView.DancerSummary> dancers) {
        super(dancers);
        this.dancers = dancers;
    }

    @GetMapping
    Page<PeopleView.DancerSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return dancers.page(new Page.Request("", q, after, limit));
    }

    @Override
    protected PeopleView.PersonView view(Document<Dancer> kept) {
        return new PeopleView.PersonView(
                kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
