package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.fault.Cause;
import silentotter.core.finding.PathKind;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;
import silentotter.core.inference.SealAnswer;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownAnalysis;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;

/** The ways out of the cylinders as they are drawn: weight from area, style from odds; nothing solid while something does not fit. */
final class Paths {
    private static final double DRAWN = Odds.POSSIBLE.from();
    /** Oil in one cylinder is drawn sooner: one plug alone rarely makes more of it. */
    private static final double OIL_DRAWN = .08;

    private static final double DRAWN_OF_ENGINE = Odds.EVEN.from();

    private final Engine engine;
    private final SealAnswer answer;
    private final Probabilities p;
    private final boolean fits;
    private final List<EscapePath> paths = new ArrayList<>();

    private Paths(Engine engine, SealAnswer answer, boolean fits) {
        this.engine = engine;
        this.answer = answer;
        this.p = answer.probabilities();
        this.fits = fits;
    }

    static List<EscapePath> of(
            Engine engine, SealAnswer answer, boolean fits, Tested tested, LeakdownAnalysis leakdown) {
        if (tested.nothing()) {
            return List.of();
        }
        Paths all = new Paths(engine, answer, fits);
        engine.arrangement().cylinders().forEach(all::ofCylinder);
        all.gaskets();
        leakdown.cylinders().values().forEach(all::outside);
        return all.paths;
    }

    private void ofCylinder(CylinderNumber c) {
        int i = c.value() - 1;
        double even = at(Cause.EVEN_WEAR, -1);
        double rings = at(Cause.RING, i) + at(Cause.BROKEN, i);
        if (rings >= DRAWN || even < DRAWN_OF_ENGINE) {
            add(
                    c,
                    PathKind.RINGS,
                    rings,
                    new Member(at(Cause.RING, i) >= at(Cause.BROKEN, i) ? Cause.RING : Cause.BROKEN, i, -1));
        } else {
            add(c, PathKind.RINGS, even, new Member(Cause.EVEN_WEAR, -1, -1));
        }
        double held = at(Cause.VALVE_HELD, i);
        double exhaust = at(Cause.EXHAUST_VALVE, i);
        double intake = at(Cause.INTAKE_VALVE, i);
        // A held valve is drawn at the side that leads; which of the two it is, the ear says.
        boolean atExhaust = exhaust >= intake;
        add(c, PathKind.EXHAUST_VALVE, exhaust + (atExhaust ? held : 0), valve(i, exhaust, held, Cause.EXHAUST_VALVE));
        add(c, PathKind.INTAKE_VALVE, intake + (atExhaust ? 0 : held), valve(i, intake, held, Cause.INTAKE_VALVE));
        add(c, PathKind.GASKET_COOLANT, at(Cause.WATER, i), new Member(Cause.WATER, i, -1));
        oil(c, PathKind.OIL_PAST_RINGS, at(Cause.OIL_RING_HERE, i), at(Cause.OIL_RINGS, -1));
        oil(c, PathKind.OIL_PAST_STEM, at(Cause.STEM_SEAL_HERE, i), at(Cause.STEM_SEALS, -1));
    }

    private static Member valve(int i, double leaking, double held, Cause cause) {
        return new Member(leaking >= held ? cause : Cause.VALVE_HELD, i, -1);
    }

    private double at(Cause cause, int i) {
        return p.of(new Member(cause, i, -1));
    }

    private void add(CylinderNumber c, PathKind kind, double probability, Member leaks) {
        if (probability >= DRAWN) {
            paths.add(new EscapePath(c, kind, Optional.empty(), area(leaks), sureness(probability)));
        }
    }

    /** Oil that gets in here, or everywhere from one cause: the latter is known of no cylinder in particular. */
    private void oil(CylinderNumber c, PathKind kind, double here, double everywhere) {
        if (here >= OIL_DRAWN) {
            paths.add(new EscapePath(c, kind, Optional.empty(), Optional.empty(), sureness(here)));
        } else if (everywhere >= DRAWN_OF_ENGINE) {
            paths.add(new EscapePath(c, kind, Optional.empty(), Optional.empty(), sureness(everywhere)));
        }
    }

    private void gaskets() {
        p.members().forEach((m, probability) -> {
            if (m.cause() == Cause.GASKET && probability >= DRAWN) {
                CylinderNumber a = CylinderNumber.of(m.cylinder() + 1);
                CylinderNumber b = CylinderNumber.of(m.other() + 1);
                paths.add(new EscapePath(a, PathKind.GASKET_NEIGHBOUR, Optional.of(b), area(m), sureness(probability)));
                paths.add(new EscapePath(b, PathKind.GASKET_NEIGHBOUR, Optional.of(a), area(m), sureness(probability)));
            }
        });
    }

    /** Air that was heard outside goes outside, whatever it comes through: gasket, plug or adapter. */
    private void outside(CylinderLeak leak) {
        leak.paths().stream()
                .filter(p -> p.place() == Place.OUTSIDE)
                .forEach(p -> paths.add(new EscapePath(
                        leak.cylinder(),
                        PathKind.OUTSIDE,
                        Optional.empty(),
                        leak.area()
                                .map(a -> Estimate.of(
                                        a.low().times(p.share() / 2),
                                        a.best().times(p.share()),
                                        a.high().times(Math.min(1, 2 * p.share())))),
                        p.heard() == Heard.FAINT || !fits ? Sureness.POSSIBLE : Sureness.LIKELY)));
    }

    private Optional<Estimate<LeakArea>> area(Member m) {
        return answer.area(m)
                .map(a -> Estimate.of(LeakArea.ofSquareMm(a[0]), LeakArea.ofSquareMm(a[1]), LeakArea.ofSquareMm(a[2])));
    }

    private Sureness sureness(double probability) {
        if (!fits) {
            return Sureness.POSSIBLE;
        }
        return switch (Odds.of(probability)) {
            case PRACTICALLY_CERTAIN -> Sureness.NEAR_CERTAIN;
            case VERY_LIKELY, LIKELY -> Sureness.LIKELY;
            default -> Sureness.POSSIBLE;
        };
    }
}
