package silentotter.app.instrument;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import silentotter.app.instrument.Instruments.StoredInstrument;

/** One line to each instrument that somebody looks at; it ends by itself when nobody does. */
@Component
class InstrumentLines {
    private final Map<Long, InstrumentLine> lines = new ConcurrentHashMap<>();

    /** The line to it; the first time, it is being called. */
    InstrumentLine line(StoredInstrument stored) {
        return lines.compute(
                stored.id(),
                (id, line) -> line != null && line.isOf(stored.instrument()) && line.isAlive()
                        ? line
                        : replaced(line, stored));
    }

    private static InstrumentLine replaced(InstrumentLine old, StoredInstrument stored) {
        if (old != null) {
            old.close();
        }
        return new InstrumentLine(stored.instrument());
    }

    /** It is not called any more. */
    void forget(long id) {
        InstrumentLine line = lines.remove(id);
        if (line != null) {
            line.close();
        }
    }

    @PreDestroy
    void stop() {
        lines.values().forEach(InstrumentLine::close);
    }
}
