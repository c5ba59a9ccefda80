package fluidframe.server.routine;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Variety;
import fluidframe.server.figure.Composers;
import fluidframe.server.figure.FigureShelf;
import fluidframe.server.web.NotFoundException;
import jakarta.annotation.PreDestroy;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Plans being worked out, one after the other and off the request threads; the last fifty answers are kept. */
@Component
class PlanJobs {
    private static final Logger LOG = LoggerFactory.getLogger(PlanJobs.class);
    private static final int MOST_KEPT = 50;

    /** A plan under way. */
    private static final class Job {
        private final AtomicBoolean givenUp = new AtomicBoolean();
        private volatile PlanView view;
    }

    private final FigureShelf shelf;
    private final Composers composers;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "planner");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Job> jobs = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Job> eldest) {
            return size() > MOST_KEPT;
        }
    });

    PlanJobs(FigureShelf shelf, Composers composers) {
        this.shelf = shelf;
        this.composers = composers;
    }

    PlanView begin(Dance dance, Plan plan, int eachAtMost) {
        String id = UUID.randomUUID().toString();
        Job job = new Job();
        job.view = PlanView.of(id, "working", "");
        jobs.put(id, job);
        worker.execute(() -> job.view = work(id, dance, plan, eachAtMost, job));
        return job.view;
    }

    private PlanView work(String id, Dance dance, Plan plan, int eachAtMost, Job job) {
        try {
            Repertoire repertoire = shelf.repertoire();
            Composer composer = composers.of(dance);
            if (eachAtMost == 0) {
                Composition found = composer.compose(plan, job.givenUp::get);
                return PlanView.of(id, dance, new Variety(found, Map.of(), true), repertoire);
            }
            return PlanView.of(id, dance, composer.compose(plan, eachAtMost, job.givenUp::get), repertoire);
        } catch (CancellationException e) {
            return PlanView.of(id, "given up", "");
        } catch (IllegalArgumentException e) {
            return PlanView.of(id, "failed", e.getMessage());
        } catch (RuntimeException e) {
            LOG.error("A plan could not be worked out", e);
            return PlanView.of(id, "failed", "The plan could not be worked out; the log has the reason.");
        }
    }

    PlanView get(String id) {
        return find(id).view;
    }

    void giveUp(String id) {
        find(id).givenUp.set(true);
    }

    private Job find(String id) {
        Job job = jobs.get(id);
        if (job == null) throw new NotFoundException("There is no plan \"" + id + "\" any more: ask again");
        return job;
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
