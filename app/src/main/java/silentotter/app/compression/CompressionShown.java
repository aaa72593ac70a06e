package silentotter.app.compression;

import java.util.ArrayList;
import java.util.List;
import silentotter.core.compression.Cautions;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.ConditionsReader;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Worded;

/**
 * Compression on the sheet.
 *
 * @param cranked how many compression strokes the noted length of a pass makes, where it was noted
 * @param schoolsDisagree whether schools that could decide decided differently
 * @param cautions before any cranking test on this engine
 */
record CompressionShown(
        List<StoredPass> passes,
        List<Cranked> cranked,
        CompressionAnalysis compression,
        boolean schoolsDisagree,
        List<NotCounted> readingsNotCounted,
        List<String> cautions) {
    record Cranked(long passId, Estimate<Double> strokes) {}

    /** A reading that was taken and does not count on this engine. */
    record NotCounted(long readingId, String reason) implements Worded {}

    static CompressionShown of(List<StoredPass> passes, Interpretation said) {
        Engine engine = said.engine();
        List<Cranked> cranked = new ArrayList<>();
        for (StoredPass p : passes) {
            Conditions conditions = ConditionsReader.read(p.conditions());
            conditions
                    .length()
                    .map(l -> l.strokes(engine.cycle(), conditions.crankingSpeed()))
                    .ifPresent(strokes -> cranked.add(new Cranked(p.id(), strokes)));
        }
        return new CompressionShown(
                passes,
                cranked,
                said.compression(),
                said.compression().schoolsDisagree(),
                notCounted(engine, passes),
                Cautions.of(engine));
    }

    private static List<NotCounted> notCounted(Engine engine, List<StoredPass> passes) {
        return passes.stream()
                .filter(p -> p.kind() == PassKind.WET)
                .flatMap(p -> p.readings().stream())
                .flatMap(r -> CompressionAnalyst.wetRefusal(
                                engine, CylinderNumber.of(r.reading().cylinder()))
                        .stream()
                        .map(reason -> new NotCounted(r.id(), reason)))
                .toList();
    }
}
