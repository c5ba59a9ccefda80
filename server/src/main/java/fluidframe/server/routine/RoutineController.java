package fluidframe.server.routine;

import fluidframe.core.count.Dance;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
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

    private final RoutineService routines;

    RoutineController(RoutineService routines) {
        this.routines = routines;
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

    /** Keeps nothing; {@code selected} is the figure after which something could follow, from 0, -1 for the beginning. */
    @PostMapping("/work")
    RoutineWorkView work(@RequestParam(defaultValue = "-1") int selected, @Valid @RequestBody RoutineDraft draft) {
        return routines.work(draft, selected);
    }
}
