package fluidframe.server.card;

import fluidframe.core.count.CountLanguage;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import fluidframe.server.handout.RoleWords;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Practice cards as files; each is opened where it was saved and asks nobody for anything. */
@RestController
@OpenTo(reading = Visitor.DEVICE, of = "{kind}")
class PracticeCardController {
    private final PracticeCards cards;

    PracticeCardController(PracticeCards cards) {
        this.cards = cards;
    }

    /** @param kind figure, routine or practice */
    @GetMapping(value = "/api/practice-cards/{kind}/{id}", produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<byte[]> card(
            @PathVariable String kind,
            @PathVariable String id,
            @RequestParam(defaultValue = "") String roles,
            @RequestParam(defaultValue = "") String count) {
        Optional<CountLanguage> language =
                Optional.of(count).filter(said -> !said.isBlank()).map(CountLanguage::parse);
        PracticeCards.Card card = cards.card(kind, id, new PracticeCards.Wording(language, RoleWords.of(roles)));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(card.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(card.page());
    }
}
