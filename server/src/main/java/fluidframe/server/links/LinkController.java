package fluidframe.server.links;

import fluidframe.core.count.Dance;
import fluidframe.server.access.OpenTo;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Links over HTTP. A figure is named by its id, with {@code ~variant} and {@code @part} behind it if one is meant. */
@RestController
@OpenTo
@RequestMapping("/api/links")
class LinkController {
    private final LinkService links;

    LinkController(LinkService links) {
        this.links = links;
    }

    @GetMapping("/map")
    LinkViews.DanceMapView map(@RequestParam String dance) {
        return links.map(Dance.parse(dance));
    }

    @GetMapping("/around")
    LinkViews.AroundView around(@RequestParam String figure) {
        return links.around(figure);
    }

    @GetMapping("/pair")
    LinkViews.PairView pair(@RequestParam String before, @RequestParam String after) {
        return links.pair(before, after);
    }

    /** @param figures how many figures a drill may have, 1 to 4 */
    @GetMapping("/drills")
    LinkViews.DrillsView drills(@RequestParam String figure, @RequestParam(defaultValue = "4") int figures) {
        return links.drills(figure, figures);
    }

    @GetMapping("/loops")
    List<LinkViews.LoopView> loops(@RequestParam String figure) {
        return links.loops(figure);
    }
}
