package silentotter.app.sheet;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import silentotter.app.job.Jobs;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.diagnosis.Tone;
import silentotter.core.fault.Family;

/**
 * The headline of each job in the list. It is derived: the job's row says for which revision it was worked out, and one
 * of another revision is worked out anew before it is shown as true. Written behind the answer, so that a reading is
 * acknowledged as soon as the reading itself is on disk.
 */
@Component
class Headlines {
    private static final Logger LOG = LoggerFactory.getLogger(Headlines.class);

    private record Known(int revision, String words, Tone tone, Optional<Family> suspect, int open) {}

    private final Jobs jobs;
    private final TransactionTemplate transaction;
    private final Map<Long, Known> waiting = new ConcurrentHashMap<>();
    private final Map<Long, Integer> written = new ConcurrentHashMap<>();
    private final AtomicBoolean flushing = new AtomicBoolean();
    private final ExecutorService behind = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "headlines");
        thread.setDaemon(true);
        return thread;
    });

    Headlines(Jobs jobs, TransactionTemplate transaction) {
        this.jobs = jobs;
        this.transaction = transaction;
    }

    /** Somebody has worked out what a revision of a job says. */
    void workedOut(long jobId, int revision, String words, Diagnosis diagnosis) {
        if (written.getOrDefault(jobId, -1) == revision) {
            return;
        }
        waiting.put(
                jobId,
                new Known(
                        revision,
                        words,
                        diagnosis.tone(),
                        diagnosis.leading().map(Suspect::family),
                        diagnosis.open().size()));
        if (flushing.compareAndSet(false, true)) {
            later(() -> {
                flushing.set(false);
                flush();
            });
        }
    }

    /** Writes what was worked out, in one transaction. */
    void flush() {
        if (waiting.isEmpty()) {
            return;
        }
        Map<Long, Known> now = Map.copyOf(waiting);
        transaction.executeWithoutResult(t -> now.forEach(
                (id, k) -> jobs.keepHeadline(id, k.revision(), k.words(), k.tone(), k.suspect(), k.open())));
        now.forEach((id, known) -> {
            written.put(id, known.revision());
            waiting.remove(id, known);
        });
    }

    /** Runs something behind the answers, one after the other. */
    void later(Runnable run) {
        if (!behind.isShutdown()) {
            behind.execute(() -> {
                try {
                    run.run();
                } catch (RuntimeException e) {
                    LOG.warn("Headlines will be worked out anew later: {}", e.getMessage());
                }
            });
        }
    }

    /** Whether the server is about to end: what is not worked out yet waits for the next start. */
    boolean ending() {
        return behind.isShutdown();
    }

    @PreDestroy
    void stop() throws InterruptedException {
        behind.shutdown();
        if (behind.awaitTermination(5, TimeUnit.SECONDS)) {
            flush();
        }
    }
}
