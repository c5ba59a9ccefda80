package fluidframe.server.routine;

import fluidframe.core.count.Dance;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Routines over HTTP. */
@RestController
@RequestMapping("/api/routines")
class RoutineController {
    /** A save and the version it was begun from. */
    record RoutineSave(
            @Min(0) long expectedVersion, @NotNull @Valid RoutineDraft routine) {}

    /** A version and why it is kept. */
    record VersionNote(@NotNull @Size(max = 500) String note) {}

    private static final int MOST_BEATS = 512;

    private final RoutineService routines;
    private final RoutineVersions versions;
    private final RoutineDesk desk;

    RoutineController(RoutineService routines, RoutineVersions versions, RoutineDesk desk) {
        this.routines = routines;
        this.versions = versions;
        this.desk = desk;
    }

    @GetMapping
    List<RoutineView.RoutineSummary> list(@RequestParam(defaultValue = "waltz") String dance) {
        return routines.list(Dance.parse(dance));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RoutineView create(@Valid @RequestBody RoutineDraft draft) {
        return routines.create(draft);
    }

    @GetMapping("/{id}")
    RoutineView get(@PathVariable UUID id) {
        return routines.get(id);
    }

    @PutMapping("/{id}")
    RoutineView save(@PathVariable UUID id, @Valid @RequestBody RoutineSave save) {
        return routines.save(id, save.expectedVersion(), save.routine());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        routines.delete(id);
    }

    @GetMapping("/{id}/versions")
    List<RoutineVersions.RoutineVersionView> versions(@PathVariable UUID id) {
        return versions.of(id);
    }

    @PostMapping("/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    RoutineVersions.RoutineVersionView keep(@PathVariable UUID id, @Valid @RequestBody VersionNote version) {
        return versions.keep(id, version.note());
    }

    /** From a version to the routine as sent. */
    @PostMapping("/{id}/versions/{number}/difference")
    List<RoutineChange> difference(
            @PathVariable UUID id, @PathVariable int number, @Valid @RequestBody RoutineDraft draft) {
        return versions.difference(id, number, draft);
    }

    /** Keeps nothing; {@code selected} is the figure after which something could follow, from 0, -1 for the beginning. */
    @PostMapping("/work")
    RoutineWorkView work(@RequestParam(defaultValue = "-1") int selected, @Valid @RequestBody RoutineDraft draft) {
        return desk.work(draft, selected);
    }

    /** Danced again and again until the couple stands as it began. */
    @PostMapping("/circuit")
    CircuitView circuit(@Valid @RequestBody RoutineDraft draft) {
        return desk.circuit(draft);
    }

    /** For each figure what to do when it is blocked. */
    @PostMapping("/blocked")
    List<RoutineDesk.BlockedView> blocked(@Valid @RequestBody RoutineDraft draft) {
        return desk.blocked(draft);
    }

    /** What could stand instead of figures {@code from} (from 0) up to but without {@code to}, so many beats long. */
    @PostMapping("/fill")
    List<RoutineDesk.FillerView> fill(
            @RequestParam int from,
            @RequestParam int to,
            @RequestParam double beats,
            @Valid @RequestBody RoutineDraft draft) {
        if (!(beats >= 0 && beats <= MOST_BEATS)) {
            throw new IllegalArgumentException("A place must last 0 to " + MOST_BEATS + " beats, but was " + beats);
        }
        return desk.fill(draft, from, to, beats);
    }

    /** As a standard MIDI file to practise with. */
    @PostMapping(value = "/midi", produces = "audio/midi")
    byte[] midi(@Valid @RequestBody RoutineDraft draft) {
        return desk.midi(draft);
    }
}
