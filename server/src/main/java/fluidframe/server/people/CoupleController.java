package fluidframe.server.people;

import fluidframe.core.people.Couple;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Couples over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/couples")
class CoupleController extends DocumentController<Couple, PeopleView.CoupleView> {
    private final Documents<Couple, PeopleView.CoupleSummary> couples;

    CoupleController(Documents<Couple, PeopleView.CoupleSummary> couples) {
        super(couples);
        this.couples = couples;
    }

    @GetMapping
    Page<PeopleView.CoupleSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return couples.page(new Page.Request("", q, after, limit));
    }

    @Override
    protected PeopleView.CoupleView view(Document<Couple> kept) {
        return new PeopleView.CoupleView(
                kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
