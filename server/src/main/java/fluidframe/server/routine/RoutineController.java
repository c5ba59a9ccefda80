package fluidframe.server.routine;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.count.Dance;
import fluidframe.core.routine.Routine;
import fluidframe.library.routine.RoutineDifference;
import fluidframe.server.access.OpenTo;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Routines over HTTP. A routine with impossible joins is kept like any other. */
@RestController
@OpenTo
@RequestMapping("/api/routines")
class RoutineController extends DocumentController<Routine, RoutineView> {
    private final Documents<Routine, RoutineSummary> routines;
    private final FigureShelf shelf;

    RoutineController(Documents<Routine, RoutineSummary> routines, FigureShelf shelf) {
        super(routines);
        this.routines = routines;
        this.shelf = shelf;
    }

    /** Those of one dance, or of {@code all}. */
    @GetMapping
    Page<RoutineSummary> list(
            @RequestParam(defaultValue = "waltz") String dance,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        String of = dance.equals("all") ? "" : Dance.parse(dance).toString();
        return routines.page(new Page.Request(of, q, after, limit));
    }

    @GetMapping("/{id}/versions/{number}")
    @Schema(ref = ApiDescription.ROUTINE)
    JsonNode version(@PathVariable String id, @PathVariable long number) {
        return json(find(id, number));
    }

    /** From a version to the routine as sent. */
    @PostMapping("/{id}/versions/{number}/difference")
    List<RoutineChange> difference(
            @PathVariable String id,
            @PathVariable long number,
            @RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        return RoutineDifference.between(find(id, number), routines.read(routine), this::nameOf).stream()
                .map(RoutineChange::of)
                .toList();
    }

    private Routine find(String id, long number) {
        return routines.version(id, number)
                .orElseThrow(() -> new NotFoundException("The routine has no version " + number));
    }

    private String nameOf(String figure) {
        return shelf.repertoire()
                .chart(figure)
                .map(chart -> chart.identity().name())
                .orElse(figure);
    }

    @Override
    protected RoutineView view(Document<Routine> kept) {
        return new RoutineView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
