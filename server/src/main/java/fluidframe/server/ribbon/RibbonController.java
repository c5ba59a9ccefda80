package fluidframe.server.ribbon;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import fluidframe.core.routine.Routine;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import fluidframe.server.refusal.UnreadableException;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Routines worked out as they are sent; keeps nothing. */
@RestController
@OpenTo
@RequestMapping("/api")
class RibbonController {
    private static final int MOST_BEATS = 512;

    private final RoutineDesk desk;

    RibbonController(RoutineDesk desk) {
        this.desk = desk;
    }

    private static Routine read(JsonNode routine) {
        return RoutineFormat.ROUTINE.read(routine).orThrow(UnreadableException::new);
    }

    /** What can be chosen for any routine. */
    @OpenTo(reading = Visitor.DEVICE)
    @GetMapping("/routine-terms")
    RoutineTerms terms() {
        return RoutineTerms.USUAL;
    }

    /** {@code selected} is the figure after which something could follow, from 0, -1 for the beginning. */
    @PostMapping("/routines/work")
    RoutineWorkView work(
            @RequestParam(defaultValue = "-1") int selected,
            @RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        return desk.work(read(routine), selected);
    }

    /** Danced again and again until the couple stands as it began. */
    @PostMapping("/routines/circuit")
    CircuitView circuit(@RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        return desk.circuit(read(routine));
    }

    /** What keeps the routine on its floor: where to begin, which way, and the fewest changes besides. */
    @PostMapping("/routines/floor-fits")
    List<FloorFitView> floorFits(@RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        return desk.floorFits(read(routine));
    }

    /** For each figure what to do when it is blocked. */
    @PostMapping("/routines/blocked")
    List<RoutineDesk.BlockedView> blocked(@RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        return desk.blocked(read(routine));
    }

    /** What one dancer has to learn of it, counted in {@code count}, or as charted if that is blank. */
    @PostMapping("/routines/sheet")
    RoleSheetView sheet(
            @RequestParam String role,
            @RequestParam(defaultValue = "") String count,
            @RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        Optional<CountLanguage> language =
                Optional.of(count).filter(said -> !said.isBlank()).map(CountLanguage::parse);
        return desk.sheet(read(routine), Role.parse(role), language);
    }

    /** What could stand instead of figures {@code from} (from 0) up to but without {@code to}, so many beats long. */
    @PostMapping("/routines/fill")
    List<RoutineDesk.FillerView> fill(
            @RequestParam int from,
            @RequestParam int to,
            @RequestParam double beats,
            @RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        if (!(beats >= 0 && beats <= MOST_BEATS)) {
            throw new IllegalArgumentException("A place must last 0 to " + MOST_BEATS + " beats, but was " + beats);
        }
        return desk.fill(read(routine), from, to, beats);
    }

    /** As a standard MIDI file to practise with. */
    @PostMapping(value = "/routines/midi", produces = "audio/midi")
    byte[] midi(@RequestBody @Schema(ref = ApiDescription.ROUTINE) JsonNode routine) {
        return desk.midi(read(routine));
    }
}
