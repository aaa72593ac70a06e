package silentotter.app.demo;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import silentotter.app.instrument.Instruments;
import silentotter.app.standin.StandInBench;
import silentotter.core.quantity.LeakArea;
import silentotter.core.scpi.InstrumentDocument;
import silentotter.core.scpi.InstrumentKind;
import silentotter.core.standin.Mischief;
import silentotter.core.standin.StandIn.StandInKind;
import silentotter.core.standin.StandInEngine;

/** Instruments on the yard's bench that read a computed engine, so that a newcomer can crank one. */
@Component
@ConditionalOnProperty("otter.demo")
class DemoBench implements ApplicationRunner {
    /** As many as any engine of the yard has, so that every job finds its cylinder. */
    private static final int CYLINDERS = 8;

    private static final double SOUND_MM2 = .3;
    /** Third of eight; the others are sound. */
    private static final int LEAKS = 3;

    private static final double LEAKS_MM2 = 4;
    private static final String ON_BENCH = "(stand-in)";

    private static final Map<StandInKind, InstrumentDocument> ON_THE_BENCH = Map.of(
            StandInKind.COMPRESSION, named("Transducer", InstrumentKind.COMPRESSION),
            StandInKind.LEAKDOWN, named("Leak-down tester", InstrumentKind.LEAKDOWN),
            StandInKind.CRANKCASE, named("Manometer", InstrumentKind.MANOMETER),
            StandInKind.STARTER, named("Current clamp", InstrumentKind.STARTER_CURRENT));

    private final Instruments instruments;
    private final StandInBench bench;

    DemoBench(Instruments instruments) throws IOException {
        this.instruments = instruments;
        List<Double> leaks = new ArrayList<>(Collections.nCopies(CYLINDERS, SOUND_MM2));
        leaks.set(LEAKS - 1, LEAKS_MM2);
        StandInEngine engine = StandInEngine.usual(
                leaks.stream().map(LeakArea::ofSquareMm).toList(),
                IntStream.rangeClosed(1, CYLINDERS).boxed().toList());
        this.bench = new StandInBench(engine, Mischief.USUAL, 0);
    }

    private static InstrumentDocument named(String name, InstrumentKind kind) {
        return new InstrumentDocument(name + " " + ON_BENCH, kind, "");
    }

    @Override
    public void run(ApplicationArguments args) {
        // Those of an earlier start listened on other ports.
        instruments.all().stream()
                .filter(i -> i.instrument().name().endsWith(ON_BENCH))
                .forEach(i -> instruments.remove(i.id()));
        for (StandInKind kind : StandInKind.values()) {
            InstrumentDocument on = ON_THE_BENCH.get(kind);
            instruments.add(new InstrumentDocument(on.name(), on.kind(), "127.0.0.1:" + bench.port(kind)));
        }
    }

    @PreDestroy
    void stop() {
        bench.close();
    }
}
