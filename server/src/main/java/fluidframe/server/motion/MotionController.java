package fluidframe.server.motion;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Option;
import fluidframe.core.chart.Reading;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.link.Danceable;
import fluidframe.core.motion.Build;
import fluidframe.core.motion.Motion;
import fluidframe.core.routine.Routine;
import fluidframe.library.figure.ChartSalvage;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.refusal.UnreadableException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is rehearsed, worked out from what is kept or as it is sent. */
@RestController
@OpenTo
@RequestMapping("/api/motion")
class MotionController {
    private static final double CENTIMETRES = 100;

    private final FigureShelf shelf;
    private final Motions motions;
    private final Documents<Routine, RoutineSummary> routines;

    MotionController(FigureShelf shelf, Motions motions, Documents<Routine, RoutineSummary> routines) {
        this.shelf = shelf;
        this.motions = motions;
        this.routines = routines;
    }

    /**
     * A figure by itself.
     *
     * @param variant id of a variant, blank for as charted
     * @param part id of a part, blank for the whole
     * @param option ids of options danced
     * @param timing id of another accepted timing, blank for as charted
     * @param count the language in which it is counted, blank for as charted
     * @param man his height in centimetres, 0 for the usual one
     * @param lady her height in centimetres, 0 for the usual one
     */
    @OpenTo(reading = Visitor.DEVICE, of = "figure")
    @GetMapping("/figures/{id}")
    MotionView figure(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String variant,
            @RequestParam(defaultValue = "") String part,
            @RequestParam(required = false) List<String> option,
            @RequestParam(defaultValue = "") String timing,
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "0") int man,
            @RequestParam(defaultValue = "0") int lady) {
        var chart = shelf.repertoire()
                .chart(id)
                .orElseThrow(() -> new NotFoundException("There is no figure \"" + id
                        + "\" to be danced; one that has only been begun can be when its first version is saved"));
        FigureUse use = !variant.isBlank()
                ? FigureUse.ofVariant(variant)
                : part.isBlank() ? FigureUse.WHOLE : FigureUse.ofPart(part);
        List<String> options = option == null ? List.of() : option;
        boolean timed = timing.isBlank()
                || chart.timings().stream().anyMatch(one -> one.id().equals(timing));
        boolean known = options.stream()
                .allMatch(wanted -> chart.options().stream().map(Option::id).anyMatch(wanted::equals));
        if (!known || !timed || !use.existsIn(chart)) {
            throw new NotFoundException(chart.identity().name() + " is not charted in that way");
        }
        // Another timing counts the rows that the options leave, so it comes after them.
        Danceable danced = timing.isBlank()
                ? Danceable.of(chart, use.withOptions(options))
                : Danceable.of(new Reading(Optional.of(timing), options, List.of()).of(chart), use);
        return motions.figure(danced, language(count), couple(man, lady));
    }

    /**
     * A figure as it is being typed.
     *
     * @param variant id of a variant, blank for as charted
     * @param count the language in which it is counted, blank for as charted
     */
    @PostMapping("/figures")
    MotionView draft(
            @RequestParam(defaultValue = "") String variant,
            @RequestParam(defaultValue = "") String count,
            @RequestBody @Schema(ref = ApiDescription.CHART) JsonNode chart) {
        ChartSalvage.Result read = ChartSalvage.read(chart);
        Chart charted = read.chart().orElseThrow(() -> new UnreadableException(read.problems()));
        FigureUse use = variant.isBlank() ? FigureUse.WHOLE : FigureUse.ofVariant(variant);
        if (!use.existsIn(charted)) {
            throw new NotFoundException(charted.identity().name() + " is not charted in that way");
        }
        return motions.figure(Danceable.of(charted, use), language(count), Motion.Couple.USUAL);
    }

    /**
     * A routine on its floor.
     *
     * @param man his height in centimetres, 0 for the usual one
     * @param lady her height in centimetres, 0 for the usual one
     */
    @PostMapping("/routines")
    MotionView routine(
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "0") int man,
            @RequestParam(defaultValue = "0") int lady,
            @RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        Routine read = RoutineFormat.ROUTINE.read(routine).orThrow(UnreadableException::new);
        return motions.routine(read, language(count), couple(man, lady));
    }

    /** A routine that is kept, on its floor, as devices see it too: to the band. */
    @OpenTo(reading = Visitor.DEVICE, of = "routine")
    @GetMapping("/routines/{id}")
    MotionView kept(@PathVariable String id, @RequestParam(defaultValue = "") String count) {
        return motions.routine(routines.get(id).value(), language(count), Motion.Couple.USUAL)
                .withoutRecording();
    }

    private static Optional<CountLanguage> language(String count) {
        return Optional.of(count).filter(said -> !said.isBlank()).map(CountLanguage::parse);
    }

    private static Motion.Couple couple(int man, int lady) {
        return new Motion.Couple(
                man == 0 ? Build.USUAL_MAN : new Build(man / CENTIMETRES),
                lady == 0 ? Build.USUAL_LADY : new Build(lady / CENTIMETRES));
    }
}
