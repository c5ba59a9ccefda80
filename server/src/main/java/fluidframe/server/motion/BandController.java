package fluidframe.server.motion;

import fluidframe.core.band.Band;
import fluidframe.core.count.Dance;
import fluidframe.library.shipped.Bands;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import fluidframe.server.refusal.NotFoundException;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the band plays for a dance. */
@RestController
@OpenTo(reading = Visitor.DEVICE)
@RequestMapping("/api/bands")
class BandController {
    private final Map<Dance, Band> bands = Bands.load();

    @GetMapping("/{dance}")
    BandView band(@PathVariable String dance) {
        return bands.entrySet().stream()
                .filter(one -> one.getKey().toString().equals(dance))
                .map(Map.Entry::getValue)
                .findFirst()
                .map(BandView::of)
                .orElseThrow(() -> new NotFoundException("There is no dance \"" + dance + "\" that a band could play"));
    }
}
