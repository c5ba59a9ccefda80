package fluidframe.server.job;

import fluidframe.core.plan.Watch;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * One long work: what it is, how far it is, and what came of it.
 *
 * @param <T> what comes of it
 */
public final class Job<T> implements Watch {
    private static final Logger LOG = LoggerFactory.getLogger(Job.class);

    /** Listeners are told of every so many of the whole. */
    private static final int STEPS = 100;

    private final String id;
    /** Let go when it is over: it may hold on to much that is not needed any more. */
    private Function<Watch, T> work;

    private final List<Runnable> listeners = new CopyOnWriteArrayList<>();
    private volatile JobState state = JobState.WAITING;
    private volatile boolean givenUp;
    private volatile double share;
    private volatile String message = "";
    private volatile T result;

    Job(String id, Function<Watch, T> work) {
        this.id = id;
        this.work = work;
    }

    public String id() {
        return id;
    }

    public JobState state() {
        return state;
    }

    /** How much of the work is done, 0 to 1. */
    public double share() {
        return share;
    }

    /** Why it failed, empty if it has not. */
    public String message() {
        return message;
    }

    /** What came of it; empty as long as it is not done. */
    public Optional<T> result() {
        return Optional.ofNullable(result);
    }

    @Override
    public boolean isGivenUp() {
        return givenUp || Thread.currentThread().isInterrupted();
    }

    @Override
    public void reached(double now) {
        boolean worthTelling = (int) (now * STEPS) > (int) (share * STEPS);
        share = Math.max(share, now);
        if (worthTelling) tell();
    }

    /** Tells somebody of every change, until they no longer want to know. */
    void listen(Runnable listener) {
        listeners.add(listener);
    }

    void forget(Runnable listener) {
        listeners.remove(listener);
    }

    private void tell() {
        listeners.forEach(Runnable::run);
    }

    /** One that still waits ends at once; one under way ends when it next asks. */
    synchronized void giveUp() {
        givenUp = true;
        if (state != JobState.WAITING) return;
        work = null;
        end(JobState.GIVEN_UP, "");
    }

    /** What is to be done; nothing where it has been given up. */
    private synchronized Function<Watch, T> begin() {
        if (state != JobState.WAITING) return null;
        state = JobState.WORKING;
        Function<Watch, T> begun = work;
        work = null;
        return begun;
    }

    void run() {
        Function<Watch, T> begun = begin();
        if (begun == null) return;
        tell();
        try {
            result = begun.apply(this);
            share = 1;
            end(JobState.DONE, "");
        } catch (CancellationException e) {
            end(JobState.GIVEN_UP, "");
        } catch (IllegalArgumentException e) {
            end(JobState.FAILED, e.getMessage());
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            LOG.error("A long work failed", e);
            end(JobState.FAILED, "This could not be worked out; the log has the reason.");
        }
    }

    private void end(JobState over, String why) {
        message = why;
        state = over;
        tell();
    }
}
