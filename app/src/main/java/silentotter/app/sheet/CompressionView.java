package silentotter.app.sheet;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import silentotter.app.compression.StoredPass;
import silentotter.core.compression.BuildUp;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderValue;
import silentotter.core.compression.Evenness;
import silentotter.core.compression.FaultKind;
import silentotter.core.compression.Lack;
import silentotter.core.compression.PassDoubt;
import silentotter.core.compression.PassKind;
import silentotter.core.compression.ReadingFault;
import silentotter.core.compression.Ruling;
import silentotter.core.compression.School;
import silentotter.core.compression.SchoolOpinion;
import silentotter.core.compression.Standing;
import silentotter.core.compression.WetOutcome;
import silentotter.core.compression.WetResult;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Volume;

/** The results of the compression test in plain numbers. */
record CompressionView(
        List<ResultView> cylinders,
        @Nullable EvennessView evenness,
        List<SchoolView> schools,
        boolean schoolsDisagree,
        @Nullable RangeView expectedKPa,
        boolean allLowAndEven,
        List<BuildUpView> buildUps,
        List<WetView> wet,
        @Nullable String wetRefusal,
        @Nullable Double safeOilMl,
        List<FaultView> faults,
        List<DoubtView> doubts,
        List<NotCountedView> notCounted,
        List<Lack> lacks) {

    /** Something of a pass that may be meant as something else. */
    record DoubtView(
            long passId,
            PassDoubt.Kind kind,
            List<Integer> cylinders,
            String text,
            List<PassDoubt.Conversion> conversions) {}

    /** A reading that was taken and does not count on this engine. */
    record NotCountedView(long readingId, String reason) {}

    record ResultView(
            int cylinder,
            Standing standing,
            @Nullable Double valueKPa,
            @Nullable Double sigmaKPa,
            @Nullable Integer attempts,
            @Nullable Boolean floor,
            @Nullable Double deviationFromMedian,
            @Nullable Double seaLevelKPa,
            @Nullable RangeView shareOfSound,
            @Nullable RangeView leakAreaMm2,
            @Nullable Double detectableMm2,
            String reason) {
        static ResultView of(CylinderResult r) {
            return new ResultView(
                    r.cylinder().value(),
                    r.standing(),
                    r.value().map(v -> v.value().kPa()).orElse(null),
                    r.value().map(v -> v.sigma().kPa()).orElse(null),
                    r.value().map(CylinderValue::attempts).orElse(null),
                    r.value().map(CylinderValue::floor).orElse(null),
                    r.deviationFromMedian().orElse(null),
                    r.seaLevel().map(Pressure::kPa).orElse(null),
                    r.shareOfSound().map(RangeView::ofNumbers).orElse(null),
                    r.leakArea().map(RangeView::ofAreas).orElse(null),
                    r.detectable().map(LeakArea::squareMm).orElse(null),
                    r.reason());
        }
    }

    record EvennessView(
            double medianKPa,
            double soundKPa,
            int lowestCylinder,
            int highestCylinder,
            double spreadKPa,
            double lowestOverHighest,
            boolean real) {
        static EvennessView of(Evenness e) {
            return new EvennessView(
                    e.median().kPa(),
                    e.sound().kPa(),
                    e.lowest().cylinder().value(),
                    e.highest().cylinder().value(),
                    e.spread().kPa(),
                    e.lowestOverHighest(),
                    e.real());
        }
    }

    record SchoolView(School school, String title, Ruling ruling, String rule, List<Integer> cylinders, String reason) {
        static SchoolView of(SchoolOpinion o, UnaryOperator<String> say) {
            return new SchoolView(
                    o.school(),
                    o.school().title(),
                    o.ruling(),
                    o.rule(),
                    numbers(o.cylinders()),
                    say.apply(o.reason()));
        }
    }

    record BuildUpView(int cylinder, double firstOverFinal, BuildUp.Shape shape, String reason) {
        static BuildUpView of(BuildUp b) {
            return new BuildUpView(b.cylinder().value(), b.firstOverFinal(), b.shape(), b.reason());
        }
    }

    record WetView(
            int cylinder,
            double oilMl,
            double risePercent,
            @Nullable RangeView artefactPercent,
            @Nullable RangeView netPercent,
            WetOutcome outcome,
            String reason) {
        static WetView of(WetResult w) {
            return new WetView(
                    w.cylinder().value(),
                    w.oil().millilitres(),
                    w.risePercent(),
                    w.artefactPercent().map(RangeView::ofNumbers).orElse(null),
                    w.netPercent().map(RangeView::ofNumbers).orElse(null),
                    w.outcome(),
                    w.reason());
        }
    }

    record FaultView(FaultKind kind, PassKind pass, List<Integer> cylinders, String text, String remedy) {
        static FaultView of(ReadingFault f, UnaryOperator<String> say) {
            return new FaultView(f.kind(), f.pass(), numbers(f.cylinders()), say.apply(f.text()), f.remedy());
        }
    }

    static CompressionView of(Interpretation c, List<StoredPass> passes, UnaryOperator<String> say) {
        CompressionAnalysis a = c.compression();
        return new CompressionView(
                a.cylinders().values().stream().map(ResultView::of).toList(),
                a.evenness().map(EvennessView::of).orElse(null),
                a.schools().stream().map(s -> SchoolView.of(s, say)).toList(),
                a.schoolsDisagree(),
                a.expected().map(RangeView::ofPressures).orElse(null),
                a.allLowAndEven(),
                a.buildUps().stream().map(BuildUpView::of).toList(),
                a.wet().stream().map(WetView::of).toList(),
                a.wetRefusal().orElse(null),
                a.safeOil().map(Volume::millilitres).orElse(null),
                a.faults().stream().map(f -> FaultView.of(f, say)).toList(),
                doubts(a, passes, say),
                notCounted(c.engine(), passes),
                a.lacks());
    }

    private static List<DoubtView> doubts(CompressionAnalysis a, List<StoredPass> passes, UnaryOperator<String> say) {
        List<DoubtView> all = new ArrayList<>();
        for (int i = 0; i < a.doubts().size(); i++) {
            long passId = passes.get(i).id();
            a.doubts().get(i).stream()
                    .map(d ->
                            new DoubtView(passId, d.kind(), numbers(d.cylinders()), say.apply(d.text()), d.readings()))
                    .forEach(all::add);
        }
        return all;
    }

    private static List<NotCountedView> notCounted(Engine engine, List<StoredPass> passes) {
        return passes.stream()
                .filter(p -> p.kind() == PassKind.WET)
                .flatMap(p -> p.readings().stream())
                .flatMap(r -> CompressionAnalyst.wetRefusal(engine, CylinderNumber.of(r.cylinder())).stream()
                        .map(reason -> new NotCountedView(r.id(), reason)))
                .toList();
    }

    private static List<Integer> numbers(List<CylinderNumber> cylinders) {
        return cylinders.stream().map(CylinderNumber::value).toList();
    }
}
