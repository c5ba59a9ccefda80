package fluidframe.server.plan;

import fluidframe.core.count.Dance;
import fluidframe.server.access.OpenTo;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Routines composed from a plan: asked for and looked at; watched and given up as long works. */
@RestController
@OpenTo
@RequestMapping("/api/plans")
class PlanController {
    private final Plans plans;

    PlanController(Plans plans) {
        this.plans = plans;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    PlanView begin(@Valid @RequestBody PlanDraft draft) {
        return plans.begin(Dance.parse(draft.dance()), draft.toPlan(), draft.eachAtMost());
    }

    @GetMapping("/{id}")
    PlanView get(@PathVariable String id) {
        return plans.get(id);
    }
}
