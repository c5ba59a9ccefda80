package fluidframe.server.exercise;

import fluidframe.core.exercise.SetUp;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Set-up cards over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/cards")
class CardController extends DocumentController<SetUp, ExerciseView.CardKept> {
    private final Documents<SetUp, ExerciseView.CardSummary> cards;

    CardController(Documents<SetUp, ExerciseView.CardSummary> cards) {
        super(cards);
        this.cards = cards;
    }

    @GetMapping
    Page<ExerciseView.CardSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return cards.page(new Page.Request("", q, after, limit));
    }

    @Override
    protected ExerciseView.CardKept view(Document<SetUp> kept) {
        return new ExerciseView.CardKept(
                kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
