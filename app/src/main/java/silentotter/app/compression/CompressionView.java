package silentotter.app.compression;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.compression.BuildUp;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.CylinderValue;
import silentotter.core.compression.Evenness;
import silentotter.core.compression.Lack;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.ReadingFault;
import silentotter.core.compression.School;
import silentotter.core.compression.SchoolOpinion;
import silentotter.core.compression.SchoolOpinion.Ruling;
import silentotter.core.compression.WetResult;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;
import silentotter.core.wording.Worded;

/** The results of the compression test in plain numbers. */
record CompressionView(
        List<ResultView> cylinders,
        Optional<EvennessView> evenness,
        List<SchoolView> schools,
        boolean schoolsDisagree,
        Optional<Estimate<Pressure>> expected,
        boolean allLowAndEven,
        List<BuildUp> buildUps,
        List<WetResult> wet,
        Optional<String> wetRefusal,
        Optional<Volume> safeOil,
        List<ReadingFault> faults,
        List<DoubtView> doubts,
        List<NotCountedView> notCounted,
        List<Lack> lacks)
        implements Worded {

    /** Something of a pass that may be meant as something else. */
    record DoubtView(
            long passId,
            PassDoubt.Kind kind,
            List<CylinderNumber> cylinders,
            String text,
            List<PassDoubt.Conversion> conversions)
            implements Worded {}

    /** A reading that was taken and does not count on this engine. */
    record NotCountedView(long readingId, String reason) implements Worded {}

    /** One cylinder, with its value beside it and not within. */
    record ResultView(
            CylinderNumber cylinder,
            Standing standing,
            Optional<Pressure> value,
            Optional<Pressure> sigma,
            Optional<Integer> attempts,
            Optional<Boolean> floor,
            Optional<Double> deviationFromMedian,
            Optional<Pressure> seaLevel,
            Optional<Estimate<Double>> shareOfSound,
            Optional<Estimate<LeakArea>> leakArea,
            Optional<LeakArea> detectable,
            String reason)
            implements Worded {
        static ResultView of(CylinderResult r) {
            return new ResultView(
                    r.cylinder(),
                    r.standing(),
                    r.value().map(CylinderValue::value),
                    r.value().map(CylinderValue::sigma),
                    r.value().map(CylinderValue::attempts),
                    r.value().map(CylinderValue::floor),
                    r.deviationFromMedian(),
                    r.seaLevel(),
                    r.shareOfSound(),
                    r.leakArea(),
                    r.detectable(),
                    r.reason());
        }
    }

    record EvennessView(
            Pressure median,
            Pressure sound,
            CylinderNumber lowestCylinder,
            CylinderNumber highestCylinder,
            Pressure spread,
            double lowestOverHighest,
            boolean real) {
        static EvennessView of(Evenness e) {
            return new EvennessView(
                    e.median(),
                    e.sound(),
                    e.lowest().cylinder(),
                    e.highest().cylinder(),
                    e.spread(),
                    e.lowestOverHighest(),
                    e.real());
        }
    }

    record SchoolView(
            School school, String title, Ruling ruling, String rule, List<CylinderNumber> cylinders, String reason)
            implements Worded {
        static SchoolView of(SchoolOpinion o) {
            return new SchoolView(o.school(), o.school().title(), o.ruling(), o.rule(), o.cylinders(), o.reason());
        }
    }

    static CompressionView of(CompressionAnalysis a, List<StoredPass> passes, List<NotCountedView> notCounted) {
        return new CompressionView(
                a.cylinders().values().stream().map(ResultView::of).toList(),
                a.evenness().map(EvennessView::of),
                a.schools().stream().map(SchoolView::of).toList(),
                a.schoolsDisagree(),
                a.expected(),
                a.allLowAndEven(),
                a.buildUps(),
                a.wet(),
                a.wetRefusal(),
                a.safeOil(),
                a.faults(),
                doubts(a, passes),
                notCounted,
                a.lacks());
    }

    private static List<DoubtView> doubts(CompressionAnalysis a, List<StoredPass> passes) {
        List<DoubtView> all = new ArrayList<>();
        for (int i = 0; i < a.doubts().size(); i++) {
            long passId = passes.get(i).id();
            a.doubts()
                    .get(i)
                    .forEach(d -> all.add(new DoubtView(passId, d.kind(), d.cylinders(), d.text(), d.readings())));
        }
        return all;
    }
}
