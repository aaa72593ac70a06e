package silentotter.core.diagnosis;

import static java.util.Map.entry;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.examination.TestKind;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.inference.Draw;
import silentotter.core.inference.Played;
import silentotter.core.inference.Probabilities;
import silentotter.core.inference.SealAnswer;
import silentotter.core.job.JobRecord;

/**
 * What an engine may have, as engines drawn from everything that is known of it, with what each test would show on them, and
 * what was done already. Plans and decisions are made on it.
 *
 * @param probabilities of everything the model tells apart
 */
public record Outlook(
        Engine engine, Probabilities probabilities, List<Draw> draws, List<Played> played, DoneTests done) {
    /** Few enough to be quick, enough that a fault of one in a hundred is among them. */
    static final int DRAWS = 500;

    private static final long SEED = 20_011;

    /**
     * What was done already.
     *
     * @param wet on which cylinders oil was tried
     * @param oilable on which cylinders it may be
     * @param tapped where leak-down was read again after a valve was moved
     */
    public record DoneTests(
            List<CylinderNumber> cranked,
            List<CylinderNumber> wet,
            List<CylinderNumber> oilable,
            List<CylinderNumber> aired,
            List<CylinderNumber> tapped,
            List<CylinderNumber> inside,
            List<CylinderNumber> clearance,
            boolean plugs,
            boolean smoke,
            boolean signs,
            boolean gas,
            boolean blowby,
            boolean oil,
            boolean held) {

        /** What was done at all, on any cylinder. */
        public Set<TestKind> kinds() {
            Set<TestKind> kinds = EnumSet.noneOf(TestKind.class);
            Map.ofEntries(
                            entry(TestKind.COMPRESSION, !cranked.isEmpty()),
                            entry(TestKind.WET, !wet.isEmpty()),
                            entry(TestKind.LEAKDOWN, !aired.isEmpty()),
                            entry(TestKind.TAP, !tapped.isEmpty()),
                            entry(TestKind.INSIDE, !inside.isEmpty()),
                            entry(TestKind.CLEARANCE, !clearance.isEmpty()),
                            entry(TestKind.PLUGS, plugs),
                            entry(TestKind.SMOKE, smoke),
                            entry(TestKind.LOOK, signs),
                            entry(TestKind.GAS_TEST, gas),
                            entry(TestKind.BLOWBY, blowby),
                            entry(TestKind.OIL_TRIAL, oil),
                            entry(TestKind.CRANKCASE, held))
                    .forEach((kind, done) -> {
                        if (done) {
                            kinds.add(kind);
                        }
                    });
            return kinds;
        }
    }

    public static Outlook of(JobRecord record, Shop shop, Said said, ExaminationReading seen) {
        Results results = Results.of(record, shop, said, seen);
        SealAnswer.Rehearsed rehearsed = SealAnswer.rehearse(
                SealCases.read(record, shop, results).seal(), SealCases.atHand(record, shop, results), DRAWS, SEED);
        return new Outlook(
                record.engine(),
                rehearsed.probabilities(),
                rehearsed.draws(),
                rehearsed.played(),
                new Tested(record, results).done());
    }
}
