package fluidframe.server.routine;

import fluidframe.core.count.Dance;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Routines composed from a plan: asked for, looked after and given up. */
@RestController
@RequestMapping("/api/plans")
class PlanController {
    private final PlanJobs jobs;

    PlanController(PlanJobs jobs) {
        this.jobs = jobs;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    PlanView begin(@Valid @RequestBody PlanDraft draft) {
        return jobs.begin(Dance.parse(draft.dance()), draft.toPlan(), draft.eachAtMost());
    }

    @GetMapping("/{id}")
    PlanView get(@PathVariable String id) {
        return jobs.get(id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveUp(@PathVariable String id) {
        jobs.giveUp(id);
    }
}
