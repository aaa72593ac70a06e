package silentotter.core.leakdown;

import java.util.Optional;
import silentotter.core.flow.TwoHoles;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.wording.Labelled;

/**
 * The schools of "how much may it leak". They disagree because testers differ; each is asked on the tester it was written
 * for, and the common one also on the technician's own, so that it is visible why two people disagree. Trade practice.
 */
public enum LeakdownSchool implements Labelled {
    PERCENT_OWN_TESTER((leak, percent, bore) -> Optional.of(percentGrade(percent))),
    PERCENT_MASTER((leak, percent, bore) -> leak.map(
            a -> percentGrade(onMaster(a, LeakdownTester.MASTER.supply().orElseThrow())))),
    QUARTER_PAIR((leak, percent, bore) ->
            leak.map(a -> onMaster(a, Pressure.ofKPa(552)) > 25 ? Grade.FAULT : Grade.GOOD)),
    AREA_FOR_SIZE((leak, percent, bore) -> leak.flatMap(a -> bore.map(b -> areaGrade(a, b))));

    private interface Rule {
        Optional<Grade> grade(Optional<LeakArea> leak, double percent, Optional<Length> bore);
    }

    private static final double REFERENCE_BORE_MM = 90;
    private static final double[] LIMITS = {10, 20, 30};

    private final Rule rule;

    LeakdownSchool(Rule rule) {
        this.rule = rule;
    }

    /** Per cent on the master tester from which the common school speaks of a fault. */
    public static double faultOnMaster() {
        return LIMITS[LIMITS.length - 1];
    }

    /** The grade of a cylinder by this school; empty where it cannot be asked. */
    public Optional<Grade> grade(CylinderLeak leak, Optional<Length> bore) {
        return rule.grade(leak.area().map(a -> a.best()), leak.reading().percent(), bore);
    }

    static double onMaster(LeakArea leak, Pressure supply) {
        TwoHoles master = new TwoHoles(
                LeakdownTester.MASTER
                        .holes(Pressure.STANDARD_ATMOSPHERE)
                        .orElseThrow()
                        .orifice(),
                supply,
                Pressure.STANDARD_ATMOSPHERE);
        return master.percent(master.settlesAt(leak));
    }

    /** The limits of the master tester as areas, scaled with the bore: 1.2 mm² is much for 80 mL and little for 2.5 L. */
    static Grade areaGrade(LeakArea leak, Length bore) {
        TwoHoles master =
                LeakdownTester.MASTER.holes(Pressure.STANDARD_ATMOSPHERE).orElseThrow();
        double scale = bore.mm() / REFERENCE_BORE_MM;
        for (int i = 0; i < LIMITS.length; i++) {
            if (leak.squareMm()
                    <= master.leak(master.cylinderPressure(LIMITS[i])).squareMm() * scale) {
                return Grade.values()[i];
            }
        }
        return Grade.FAULT;
    }

    private static Grade percentGrade(double percent) {
        for (int i = 0; i < LIMITS.length; i++) {
            if (percent <= LIMITS[i]) {
                return Grade.values()[i];
            }
        }
        return Grade.FAULT;
    }
}
