package fluidframe.server.job;

import fluidframe.server.access.OpenTo;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Long works over HTTP: looked at, watched and given up. What came of one has an address of its own, by its kind. */
@RestController
@OpenTo
@RequestMapping("/api/jobs/{id}")
class JobController {
    private static final Duration LONGEST_WATCH = Duration.ofMinutes(10);

    /**
     * How far a work is.
     *
     * @param share how much of it is done, 0 to 1
     * @param ahead how many others come first
     * @param message why it failed
     */
    record JobView(String id, JobState state, double share, int ahead, String message) {}

    private final Jobs jobs;

    JobController(Jobs jobs) {
        this.jobs = jobs;
    }

    @GetMapping
    JobView get(@PathVariable String id) {
        return view(jobs.find(id));
    }

    private JobView view(Job<?> job) {
        return new JobView(job.id(), job.state(), job.share(), jobs.ahead(job), job.message());
    }

    /** An event for every hundredth done and every change of state; the stream ends when the work is over. */
    @GetMapping(value = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watch(@PathVariable String id) {
        Job<?> job = jobs.find(id);
        SseEmitter events = new SseEmitter(LONGEST_WATCH.toMillis());
        Runnable listener = () -> send(job, events);
        events.onCompletion(() -> job.forget(listener));
        events.onTimeout(events::complete);
        events.onError(failure -> job.forget(listener));
        job.listen(listener);
        // Whatever has happened before somebody listened.
        listener.run();
        return events;
    }

    private void send(Job<?> job, SseEmitter events) {
        try {
            JobView view = view(job);
            events.send(SseEmitter.event().data(view, MediaType.APPLICATION_JSON));
            if (view.state().isOver()) events.complete();
        } catch (IOException | IllegalStateException e) {
            // Whoever watched has gone; the work goes on until it is given up.
            events.completeWithError(e);
        }
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveUp(@PathVariable String id) {
        jobs.find(id).giveUp();
    }
}
