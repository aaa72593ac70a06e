package silentotter.app.compression;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import silentotter.app.change.Journal;
import silentotter.app.change.Step;
import silentotter.app.compression.CompressionMapper.PassRow;
import silentotter.app.compression.CompressionMapper.ReadingRow;
import silentotter.app.compression.CompressionMapper.StrokeRow;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.ConditionsDocument;
import silentotter.core.compression.FiledReading;
import silentotter.core.compression.PassKind;
import silentotter.core.compression.ReadingReader;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.PressureUnit;

/** Readings that were typed as something else than was meant: puts them right, and leaves a trail. */
@Service
class PutRight {
    private final CompressionMapper mapper;
    private final Compression compression;
    private final Journal journal;

    PutRight(CompressionMapper mapper, Compression compression, Journal journal) {
        this.mapper = mapper;
        this.compression = compression;
        this.journal = journal;
    }

    /** A reading was typed on the wrong cylinder: puts it where it belongs. */
    @Transactional
    public void move(long jobId, Engine engine, long readingId, int cylinder) {
        ReadingRow before = compression.reading(jobId, readingId);
        PassRow pass = compression.pass(jobId, before.passId());
        engine.needsAnother("cylinder", before.cylinder(), cylinder);
        if (pass.kind() == PassKind.WET) {
            CompressionAnalyst.wetRefusal(engine, CylinderNumber.of(cylinder)).ifPresent(refusal -> {
                throw InvalidInput.at("cylinder", refusal);
            });
        }
        journal.step(jobId)
                .set(Compression.READING, readingId, "cylinder", before.cylinder(), cylinder)
                .doneAsCorrection(
                        pass.kind().words() + " reading moved from cylinder " + before.cylinder() + " to " + cylinder);
    }

    /** Values were typed in another unit than the one that was shown: reads them all in that unit. */
    @Transactional
    public void convert(long jobId, long passId, PressureUnit typedAs, PressureUnit meant) {
        if (typedAs == meant) {
            throw InvalidInput.at("meant", "is the unit they were typed in");
        }
        PassRow pass = compression.pass(jobId, passId);
        rescale(
                jobId,
                pass,
                mapper.strokesOfPass(passId),
                Pressure.of(1, meant).ratioTo(Pressure.of(1, typedAs)),
                pass.kind().words() + " pass read as " + meant.symbol() + " instead of " + typedAs.symbol());
    }

    /** One value with a slipped decimal: puts it right. */
    @Transactional
    public void decimal(long jobId, long readingId, double times) {
        if (times != 10 && times != 0.1) {
            throw InvalidInput.at("times", "a decimal slips by ten", "0.1 or 10");
        }
        ReadingRow reading = compression.reading(jobId, readingId);
        List<StrokeRow> strokes = mapper.strokesOfPass(reading.passId()).stream()
                .filter(s -> s.readingId() == readingId)
                .toList();
        PassRow pass = compression.pass(jobId, reading.passId());
        rescale(jobId, pass, strokes, times, "decimal of cylinder " + reading.cylinder() + " put right");
    }

    private void rescale(long jobId, PassRow pass, List<StrokeRow> strokes, double times, String words) {
        Problems problems = new Problems();
        ConditionsDocument conditions = compression.conditions(pass);
        strokes.forEach(s -> ReadingReader.value(conditions, "kPa", s.kpa() * times, problems));
        problems.throwIfAny();
        Step step = journal.step(jobId);
        strokes.forEach(s -> step.set(Compression.STROKE, s.id(), "kpa", s.kpa(), s.kpa() * times));
        step.doneAsCorrection(words);
    }

    /** Strokes of one cylinder were one value each of several: reads them so, from that cylinder on. */
    @Transactional
    public void split(long jobId, Engine engine, long readingId) {
        ReadingRow reading = compression.reading(jobId, readingId);
        List<Double> values = mapper.strokesOf(readingId);
        int first = reading.cylinder();
        if (reading.finalOnly()
                || values.size() < 2
                || first + values.size() - 1 > engine.arrangement().count()) {
            throw InvalidInput.at(
                    "reading",
                    "has " + values.size() + " values from cylinder " + first
                            + " on; that is not one for each of the cylinders that follow");
        }
        Step step = journal.step(jobId);
        for (int i = 0; i < values.size(); i++) {
            FiledReading made = new FiledReading(
                    first + i, List.of(values.get(i)), true, i == 0 ? reading.oilMl() : null, null, reading.takenAt());
            long id = mapper.insertReading(reading.passId(), UUID.randomUUID().toString(), made, null);
            mapper.insertStroke(id, 1, values.get(i));
            step.added(Compression.READING, id);
        }
        step.set(
                        Compression.READING,
                        readingId,
                        "set_aside",
                        reading.setAside(),
                        "was one value each of several cylinders")
                .doneAsCorrection(
                        "strokes of cylinder " + first + " read as one value each of " + values.size() + " cylinders");
    }
}
