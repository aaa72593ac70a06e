package silentotter.core.compression;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.ReadingFault;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;
import silentotter.core.wording.Worded;

/**
 * Everything that compression alone says of an engine.
 *
 * @param evenness empty when nothing was read
 * @param expected what a sound cylinder should read here; empty without bore, stroke and compression ratio
 * @param allLowAndEven whether the engine is even but below what is expected as a whole
 * @param doubts what is asked about each pass, in the order of the passes
 * @param safeOil the most oil a wet test may put into one cylinder; empty when the size is unknown
 */
public record CompressionAnalysis(
        Map<CylinderNumber, CylinderResult> cylinders,
        Optional<Evenness> evenness,
        List<SchoolOpinion> schools,
        Optional<Estimate<Pressure>> expected,
        boolean allLowAndEven,
        List<BuildUp> buildUps,
        List<WetResult> wet,
        Optional<String> wetRefusal,
        Optional<Volume> safeOil,
        List<ReadingFault> faults,
        List<List<PassDoubt>> doubts,
        List<Lack> lacks)
        implements Worded {

    /** Whether schools that could decide decided differently. */
    public boolean schoolsDisagree() {
        return schools.stream()
                        .map(SchoolOpinion::ruling)
                        .filter(r -> r != Ruling.NOT_ASKED && r != Ruling.TOO_CLOSE)
                        .distinct()
                        .count()
                > 1;
    }

    /** Faults that make the verdict on this cylinder wait. */
    public List<ReadingFault> undermining(CylinderNumber cylinder) {
        return faults.stream()
                .filter(f -> f.kind().undermines())
                .filter(f -> f.cylinders().isEmpty() || f.cylinders().contains(cylinder))
                .toList();
    }

    public Optional<WetResult> wet(CylinderNumber cylinder) {
        return wet.stream().filter(w -> w.cylinder().equals(cylinder)).findFirst();
    }

    public Optional<BuildUp> buildUp(CylinderNumber cylinder) {
        return buildUps.stream().filter(b -> b.cylinder().equals(cylinder)).findFirst();
    }
}
