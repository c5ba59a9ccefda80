package fluidframe.server.people;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Dancer;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Couples over HTTP. */
@RestController
@RequestMapping("/api/couples")
class CoupleController extends DocumentController<Couple, PeopleView.CoupleView> {
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Dancer, PeopleView.DancerSummary> dancers;

    CoupleController(
            Documents<Couple, PeopleView.CoupleSummary> couples, Documents<Dancer, PeopleView.DancerSummary> dancers) {
        super(couples);
        this.couples = couples;
        this.dancers = dancers;
    }

    @GetMapping
    Page<PeopleView.CoupleSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return couples.page(new Page.Request("", q, after, limit));
    }

    /** How tall the two are in a dance, in centimetres; left out where nobody has said it. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record CoupleHeights(Optional<Integer> man, Optional<Integer> lady) {}

    /** How tall those are who dance the two roles of a dance. */
    @GetMapping("/{id}/heights")
    CoupleHeights heights(@PathVariable String id, @RequestParam String dance) {
        Couple couple = couples.get(id).value();
        Dance danced = Dance.parse(dance);
        return new CoupleHeights(height(couple, Role.MAN, danced), height(couple, Role.LADY, danced));
    }

    private Optional<Integer> height(Couple couple, Role role, Dance dance) {
        OptionalInt cm = couple.dancer(role, dance)
                .flatMap(dancers::find)
                .map(found -> found.value().heightCm())
                .orElse(OptionalInt.empty());
        return cm.isPresent() ? Optional.of(cm.getAsInt()) : Optional.empty();
    }

    @Override
    protected PeopleView.CoupleView view(Document<Couple> kept) {
        return new PeopleView.CoupleView(
                kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
