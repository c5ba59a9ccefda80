package fluidframe.server.plan;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Variety;
import fluidframe.core.plan.Watch;
import fluidframe.server.job.Job;
import fluidframe.server.job.Jobs;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.Composers;
import fluidframe.server.repertoire.FigureShelf;
import org.springframework.stereotype.Component;

/** Plans being worked out, as long works. */
@Component
class Plans {
    /** What came of a plan: the routines and what their figures were charted as. */
    private record Planned(Dance dance, Variety variety, Repertoire repertoire) {}

    private final FigureShelf shelf;
    private final Composers composers;
    private final Jobs jobs;

    Plans(FigureShelf shelf, Composers composers, Jobs jobs) {
        this.shelf = shelf;
        this.composers = composers;
        this.jobs = jobs;
    }

    PlanView begin(Dance dance, Plan plan, int eachAtMost) {
        return view(jobs.begin(watch -> work(dance, plan, eachAtMost, watch)));
    }

    private Planned work(Dance dance, Plan plan, int eachAtMost, Watch watch) {
        Repertoire repertoire = shelf.repertoire();
        Composer composer = composers.of(dance);
        Variety found = composer.compose(plan, eachAtMost, watch);
        return new Planned(dance, found, repertoire);
    }

    PlanView get(String id) {
        Job<?> job = jobs.find(id);
        boolean another =
                job.result().filter(result -> !(result instanceof Planned)).isPresent();
        if (another) throw new NotFoundException("There is no plan \"" + id + "\"");
        return view(job);
    }

    private static PlanView view(Job<?> job) {
        return job.result()
                .map(Planned.class::cast)
                .map(planned -> PlanView.of(job.id(), planned.dance(), planned.variety(), planned.repertoire()))
                .orElseGet(() -> PlanView.of(job.id(), job.state().toString(), job.message()));
    }
}
