package silentotter.app.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import silentotter.app.compression.StoredPass;
import silentotter.app.leakdown.Leakdown;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CompressionPass;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Diagnostician;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.diagnosis.Tone;
import silentotter.core.diagnosis.Verdict;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Size;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.job.Ambient;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.LeakdownAnalyst;

/**
 * Works out what a job says. Whatever fails on the way is said on the sheet and leaves the rest standing: a reading that
 * was taken is never refused because of what is made of it.
 */
@Component
class Interpreter {
    private static final Logger LOG = LoggerFactory.getLogger(Interpreter.class);

    private final CompressionAnalyst analyst;

    Interpreter(CompressionAnalyst analyst) {
        this.analyst = analyst;
    }

    Interpretation interpret(JobHeld held) {
        List<String> notComputed = new ArrayList<>();
        held.engine()
                .leftOut()
                .forEach(p -> notComputed.add("Of the engine, " + p.field() + " is left out: " + p.message() + "."));
        held.readable()
                .leftOut()
                .forEach(p -> notComputed.add("Of the job, " + p.field() + " is left out: " + p.message() + "."));
        held.kept()
                .leftOut()
                .forEach(part -> notComputed.add("What was noted of " + part + " cannot be read any more."));
        Engine engine = held.engine().value();
        Ambient ambient = held.readable().value().ambient();
        List<CompressionPass> passes =
                held.passes().stream().map(StoredPass::toCore).toList();
        CompressionAnalysis compression = compression(engine, ambient, passes, notComputed);
        Leakdown.InCore leaks = Leakdown.toCore(engine, held.leaks(), held.testers());
        LeakdownAnalysis leakdown = orElse(
                () -> LeakdownAnalyst.analyse(
                        engine, ambient, leaks.counting(), analyst.beside(engine, ambient, passes, compression)),
                () -> LeakdownAnalysis.NONE,
                "Leak-down could not be worked out for this engine. The readings are kept.",
                notComputed);
        ExaminationReading reading = orElse(
                () -> ExaminationReading.read(engine, held.examination(), held.plugSchool()),
                () -> ExaminationReading.NOTHING,
                "What was seen before the gauges could not be read together. The findings are kept.",
                notComputed);
        Diagnosis diagnosis = orElse(
                () -> Diagnostician.diagnose(engine, compression, held.leading(), reading, leakdown),
                () -> undecided(engine),
                "The verdict could not be worked out. What was measured and seen stands as it is.",
                notComputed);
        return new Interpretation(
                engine, compression, leakdown, leaks.not(), reading, diagnosis, List.copyOf(notComputed));
    }

    /** With the engine's size; without it where that fails; without the readings where even that fails. */
    private CompressionAnalysis compression(
            Engine engine, Ambient ambient, List<CompressionPass> passes, List<String> notComputed) {
        return orElse(
                () -> analyst.analyse(engine, ambient, passes),
                () -> orElse(
                        () -> analyst.analyse(engine.withSize(Size.UNKNOWN), ambient, passes),
                        () -> analyst.analyse(engine.withSize(Size.UNKNOWN), ambient, List.of()),
                        "The compression readings could not be compared. They are kept.",
                        notComputed),
                "Leak areas and the expected range could not be worked out for an engine of this size and timing. The"
                        + " readings are kept and compared with each other.",
                notComputed);
    }

    private static <T> T orElse(Supplier<T> wanted, Supplier<T> otherwise, String words, List<String> notComputed) {
        try {
            return wanted.get();
        } catch (RuntimeException e) {
            LOG.error(words, e);
            notComputed.add(words);
            return otherwise.get();
        }
    }

    private static Diagnosis undecided(Engine engine) {
        Verdict open = new Verdict(
                Tone.DOUBT, "Cannot be judged yet", Sureness.OPEN, List.of(), "Read the values themselves.", "");
        Map<CylinderNumber, Verdict> cylinders = new LinkedHashMap<>();
        engine.arrangement().cylinders().forEach(c -> cylinders.put(c, open));
        return new Diagnosis(open, cylinders, List.of(), List.of(), List.of(), List.of());
    }
}
