package silentotter.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import silentotter.core.blowby.BlowbyAnalysis;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.blowby.PointResult;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.Pressure;
import silentotter.core.report.Report.Entry;
import silentotter.core.wording.Say;

/** What was measured of no cylinder: blow-by and oil use, a line each. Sentences with marks. */
final class WholeEngine {
    private WholeEngine() {}

    static List<Entry> lines(Interpretation said) {
        List<Entry> lines = new ArrayList<>();
        blowby(said.said().of(BlowbyAnalysis.class, BlowbyAnalysis.NONE))
                .ifPresent(text -> lines.add(new Entry("Blow-by", text)));
        OilAnalysis oil = said.said().of(OilAnalysis.class, OilAnalysis.NONE);
        if (!oil.says().isEmpty()) {
            lines.add(new Entry("Oil use", oil.says()));
        }
        return lines;
    }

    private static Optional<String> blowby(BlowbyAnalysis analysis) {
        return analysis.points().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        analysis.points().stream().map(WholeEngine::point).collect(Collectors.joining("; ", "", ".")));
    }

    private static String point(PointResult p) {
        double pa = p.pressurePa().best();
        String pressure = pa < 0 ? "suction" : Say.crankcase(Pressure.ofPa(pa));
        return p.point().words()
                + (p.ventilation() == CrankcaseVent.AS_FOUND ? ", ventilation as found " : " ")
                + pressure
                + p.flowLPerMin()
                        .map(f -> ", " + figure(f.best()) + " L/min (" + range(f) + ")")
                        .orElse("")
                + (p.doubted() ? ", two gauges contradict each other" : "");
    }

    private static String range(Estimate<Double> e) {
        return figure(e.low()) + " to " + figure(e.high());
    }

    /** Two digits: no flow through an orifice is known better. */
    private static String figure(double value) {
        if (value == 0) {
            return "0";
        }
        double unit = Math.pow(10, Math.floor(Math.log10(Math.abs(value))) - 1);
        return Say.number(Math.round(value / unit) * unit);
    }
}
