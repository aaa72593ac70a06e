package silentotter.app.calculation;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import silentotter.core.calculation.BlowByCalculations;
import silentotter.core.calculation.CrankingCalculations;
import silentotter.core.calculation.LeakdownCalculations;
import silentotter.core.calculation.OilCalculations;

/** Formulas without a job, for people (the calculator page) and programs. */
@RestController
@RequestMapping("/api/calculations")
class CalculationController {
    @PostMapping("/cranking-compression")
    CrankingCalculations.CrankingOut crankingCompression(@RequestBody CrankingCalculations.CrankingIn in) {
        return CrankingCalculations.crankingCompression(in);
    }

    @PostMapping("/wet-test")
    CrankingCalculations.WetOut wetTest(@RequestBody CrankingCalculations.WetIn in) {
        return CrankingCalculations.wetTest(in);
    }

    /** Growth of a plug gap, against what is ordinary for plain electrodes. */
    @PostMapping("/plug-gap")
    CrankingCalculations.PlugGapOut plugGap(@RequestBody CrankingCalculations.PlugGapIn in) {
        return CrankingCalculations.plugGap(in);
    }

    @PostMapping("/altitude")
    CrankingCalculations.AltitudeOut altitude(@RequestBody CrankingCalculations.AltitudeIn in) {
        return CrankingCalculations.altitude(in);
    }

    @PostMapping("/leak-area")
    LeakdownCalculations.LeakAreaOut leakArea(@RequestBody LeakdownCalculations.LeakAreaIn in) {
        return LeakdownCalculations.leakArea(in);
    }

    @PostMapping("/leak-reading")
    LeakdownCalculations.LeakReadingOut leakReading(@RequestBody LeakdownCalculations.LeakReadingIn in) {
        return LeakdownCalculations.leakReading(in);
    }

    @PostMapping("/tester-orifice")
    LeakdownCalculations.TesterOrificeOut testerOrifice(@RequestBody LeakdownCalculations.TesterOrificeIn in) {
        return LeakdownCalculations.testerOrifice(in);
    }

    /** Crankcase pressure before an orifice to flow, and its share of the air breathed. */
    @PostMapping("/blow-by")
    BlowByCalculations.BlowByOut blowBy(@RequestBody BlowByCalculations.BlowByIn in) {
        return BlowByCalculations.blowBy(in);
    }

    /** From dips, top-ups and drains to a rate with its interval. */
    @PostMapping("/oil-rate")
    OilCalculations.OilRateOut oilRate(@RequestBody OilCalculations.OilRateIn in) {
        return OilCalculations.oilRate(in);
    }
}
