package fluidframe.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.server.refusal.BusyException;
import fluidframe.server.refusal.NotFoundException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class JobsTest {
    private final Jobs jobs = new Jobs();
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch gate = new CountDownLatch(1);

    @AfterEach
    void stop() {
        gate.countDown();
        jobs.stop();
    }

    /** A work that holds the worker until the gate is opened. */
    private Job<String> longOne() throws InterruptedException {
        Job<String> job = jobs.begin(watch -> {
            begun.countDown();
            waitFor(gate);
            return "done";
        });
        waitFor(begun);
        return job;
    }

    private static void waitFor(CountDownLatch latch) {
        try {
            assertThat(latch.await(20, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new CancellationException("stopped");
        }
    }

    private static void waitForEnd(Job<?> job) {
        CountDownLatch over = new CountDownLatch(1);
        Runnable listener = () -> {
            if (job.state().isOver()) over.countDown();
        };
        job.listen(listener);
        listener.run();
        waitFor(over);
    }

    @Test
    void oneWorkUnderWayIsNeverForgottenHoweverManyWaitAndEnd() throws InterruptedException {
        Job<String> first = longOne();
        for (int round = 0; round < 8; round++) {
            List<Job<String>> waiting = new ArrayList<>();
            for (int i = 0; i < Jobs.MOST_WAITING; i++) waiting.add(jobs.begin(watch -> "also"));
            assertThatThrownBy(() -> jobs.begin(watch -> "too many"))
                    .isInstanceOf(BusyException.class)
                    .hasMessageContaining("16 works wait already");
            assertThat(jobs.ahead(waiting.get(3))).isEqualTo(4);
            waiting.forEach(Job::giveUp);
            assertThat(waiting).allMatch(job -> job.state() == JobState.GIVEN_UP);
        }
        assertThat(jobs.find(first.id())).isSameAs(first);
        gate.countDown();
        waitForEnd(first);
        assertThat(first.result()).contains("done");
    }

    @Test
    void aWorkThatWaitsCanBeGivenUpAndIsNeverBegun() throws InterruptedException {
        Job<String> first = longOne();
        List<String> danced = new ArrayList<>();
        Job<String> second = jobs.begin(watch -> {
            danced.add("second");
            return "second";
        });
        second.giveUp();
        Job<String> third = jobs.begin(watch -> "third");
        gate.countDown();
        waitForEnd(third);
        assertThat(first.state()).isEqualTo(JobState.DONE);
        assertThat(second.state()).isEqualTo(JobState.GIVEN_UP);
        assertThat(danced).isEmpty();
    }

    @Test
    void aWorkUnderWayEndsWhenItNextAsks() throws InterruptedException {
        CountDownLatch asked = new CountDownLatch(1);
        Job<String> job = jobs.begin(watch -> {
            waitFor(asked);
            if (watch.isGivenUp()) throw new CancellationException("given up");
            return "danced all the same";
        });
        job.giveUp();
        asked.countDown();
        waitForEnd(job);
        assertThat(job.state()).isEqualTo(JobState.GIVEN_UP);
        assertThat(job.result()).isEmpty();
    }

    @Test
    void tellsEveryHundredthAndWhyAWorkFailed() {
        List<Double> shares = new ArrayList<>();
        Job<String> job = new Job<>("one", watch -> {
            for (int i = 0; i <= 1000; i++) watch.between(0, 0.5).reached(i / 1000.0);
            throw new IllegalArgumentException("A plan must have bars");
        });
        job.listen(() -> shares.add(job.share()));
        job.run();
        assertThat(shares).hasSizeBetween(50, 54).isSorted();
        assertThat(job.state()).isEqualTo(JobState.FAILED);
        assertThat(job.message()).isEqualTo("A plan must have bars");
    }

    @Test
    void onlyTheNewestThatAreOverAreKept() {
        List<Job<String>> all = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Job<String> job = jobs.begin(watch -> "x");
            waitForEnd(job);
            all.add(job);
        }
        assertThatThrownBy(() -> jobs.find(all.get(0).id())).isInstanceOf(NotFoundException.class);
        assertThat(jobs.find(all.get(59).id())).isSameAs(all.get(59));
    }
}
