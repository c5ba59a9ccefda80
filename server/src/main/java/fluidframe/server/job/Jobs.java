package fluidframe.server.job;

import fluidframe.core.plan.Watch;
import fluidframe.server.refusal.BusyException;
import fluidframe.server.refusal.NotFoundException;
import jakarta.annotation.PreDestroy;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Long works, one after the other on a thread of their own, so that the desk stays quick. Those that are over are kept for a while. */
@Component
public class Jobs {
    /** More would wait for longer than anybody does. */
    static final int MOST_WAITING = 16;

    private static final int MOST_OVER = 50;

    private final Map<String, Job<?>> jobs = new LinkedHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "long-work");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * Puts a work behind those that wait.
     *
     * @throws BusyException if too many wait already
     */
    public <T> Job<T> begin(Function<Watch, T> work) {
        Job<T> job = new Job<>(UUID.randomUUID().toString(), work);
        synchronized (jobs) {
            long waiting = jobs.values().stream()
                    .filter(other -> other.state() == JobState.WAITING)
                    .count();
            if (waiting >= MOST_WAITING) {
                throw new BusyException(
                        MOST_WAITING + " works wait already: give one of them up, or ask again when one is done");
            }
            jobs.put(job.id(), job);
            forgetOld();
        }
        worker.execute(job::run);
        return job;
    }

    /** Only what is over is forgotten, the oldest first. */
    private void forgetOld() {
        long over = jobs.values().stream().filter(job -> job.state().isOver()).count();
        Iterator<Job<?>> oldest = jobs.values().iterator();
        while (over > MOST_OVER && oldest.hasNext()) {
            if (!oldest.next().state().isOver()) continue;
            oldest.remove();
            over--;
        }
    }

    public Job<?> find(String id) {
        synchronized (jobs) {
            Job<?> job = jobs.get(id);
            if (job == null) throw new NotFoundException("There is no work \"" + id + "\" any more: ask again");
            return job;
        }
    }

    /** How many are before this one; 0 for one that is under way or over. */
    int ahead(Job<?> job) {
        if (job.state() != JobState.WAITING) return 0;
        int before = 0;
        synchronized (jobs) {
            for (Job<?> other : jobs.values()) {
                if (other == job) break;
                if (!other.state().isOver()) before++;
            }
        }
        return before;
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
