package silentotter.app.sheet;

import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import silentotter.app.change.JobsTouched;
import silentotter.app.http.NotFound;
import silentotter.app.job.Jobs;

/** Tells every window that follows a job of each new revision, as soon as it is on disk: server-sent events. */
@RestController
class JobEvents {
    private static final int HEARTBEAT_SECONDS = 20;

    /** A window: the job it follows and the revision it was told of. */
    private static final class Follower {
        private final long jobId;
        private int told = -1;

        private Follower(long jobId) {
            this.jobId = jobId;
        }
    }

    private final Jobs jobs;
    private final Map<SseEmitter, Follower> followers = new ConcurrentHashMap<>();
    private final ScheduledExecutorService teller = Executors.newSingleThreadScheduledExecutor(run -> {
        Thread thread = new Thread(run, "events");
        thread.setDaemon(true);
        return thread;
    });

    JobEvents(Jobs jobs) {
        this.jobs = jobs;
        teller.scheduleWithFixedDelay(this::beat, HEARTBEAT_SECONDS, HEARTBEAT_SECONDS, TimeUnit.SECONDS);
    }

    /** The revision that the job has now, and each that it has from now on. */
    @GetMapping(path = "/api/jobs/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter follow(@PathVariable long id) {
        SseEmitter window = new SseEmitter(0L);
        window.onCompletion(() -> followers.remove(window));
        window.onError(e -> followers.remove(window));
        followers.put(window, new Follower(id));
        teller.execute(this::tell);
        return window;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void touched(JobsTouched event) {
        if (!followers.isEmpty()) {
            teller.execute(this::tell);
        }
    }

    private void tell() {
        followers.forEach((window, follower) -> {
            try {
                int revision = jobs.revision(follower.jobId);
                if (revision != follower.told) {
                    follower.told = revision;
                    window.send(SseEmitter.event().data(revision));
                }
            } catch (NotFound | IOException | IllegalStateException gone) {
                followers.remove(window);
            }
        });
    }

    /** Finds windows that went away without a word. */
    private void beat() {
        followers.forEach((window, follower) -> {
            try {
                window.send(SseEmitter.event().comment(""));
            } catch (IOException | IllegalStateException gone) {
                followers.remove(window);
            }
        });
    }

    /** Before the server waits for what is under way: this would never end by itself. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        teller.shutdownNow();
        followers.keySet().forEach(SseEmitter::complete);
    }
}
