package silentotter.app.instrument;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import silentotter.app.http.Conflict;
import silentotter.app.instrument.InstrumentController.InstrumentView;
import silentotter.app.instrument.Instruments.StoredInstrument;

/** What all instruments say, and says it again as often as an eye can follow for as long as somebody listens. */
@Component
class LiveInstruments {
    private static final int EVERY_MS = 40;
    /** The list itself changes rarely. */
    private static final int LIST_EVERY = 25;
    /** Windows of one shop; each has a thread. */
    private static final int MOST_LISTENERS = 24;

    private final Instruments instruments;
    private final InstrumentLines lines;
    private volatile boolean stopping;
    private final AtomicInteger listeners = new AtomicInteger();

    LiveInstruments(Instruments instruments, InstrumentLines lines) {
        this.instruments = instruments;
        this.lines = lines;
    }

    List<InstrumentView> now() {
        return now(instruments.all());
    }

    private List<InstrumentView> now(List<StoredInstrument> of) {
        return of.stream()
                .map(s ->
                        new InstrumentView(s.id(), s.instrument(), lines.line(s).looked()))
                .toList();
    }

    SseEmitter begin() {
        if (listeners.incrementAndGet() > MOST_LISTENERS) {
            listeners.decrementAndGet();
            throw new Conflict("Too many windows look at the instruments. Close some.");
        }
        SseEmitter emitter = new SseEmitter(0L);
        AtomicBoolean over = new AtomicBoolean();
        emitter.onCompletion(() -> over.set(true));
        emitter.onError(e -> over.set(true));
        Thread thread = new Thread(() -> tell(emitter, over), "looks at the instruments");
        thread.setDaemon(true);
        thread.start();
        return emitter;
    }

    /** A server that stops does not wait for those who listen. */
    @EventListener(ContextClosedEvent.class)
    void stop() {
        stopping = true;
    }

    private void tell(SseEmitter emitter, AtomicBoolean over) {
        try {
            List<StoredInstrument> all = instruments.all();
            for (int n = 1; !over.get() && !stopping; n++) {
                emitter.send(SseEmitter.event().data(now(all), MediaType.APPLICATION_JSON));
                TimeUnit.MILLISECONDS.sleep(EVERY_MS);
                all = n % LIST_EVERY == 0 ? instruments.all() : all;
            }
            emitter.complete();
        } catch (IOException | IllegalStateException e) {
            // Whoever listened has gone.
            emitter.complete();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            listeners.decrementAndGet();
        }
    }
}
