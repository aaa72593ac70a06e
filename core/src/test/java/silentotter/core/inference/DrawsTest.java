package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import silentotter.core.fault.Cause;

/** Engines drawn from the answer are as the answer says: what is likely is drawn as often. */
class DrawsTest {
    private static final int DRAWS = 2000;
    /** Standard errors that a share may be off, and what rounding of grids adds. */
    private static final double ERRORS = 4.5;

    private static final double ROUNDING = .004;

    private static AtHand atHand(SealCase of) {
        GaugeCurve curve = of.compression().curve();
        return new AtHand(curve, new GaugeCurve[0], .3, of.leakdown().curves()[0], .18, 10, true);
    }

    private static List<SealCase> withBothGauges() {
        return ReferenceCases.all().stream()
                .map(ReferenceCases.Reference::seal)
                .filter(s -> s.compression() != null
                        && s.leakdown() != null
                        && s.leakdown().curves()[0] != null)
                .toList();
    }

    @Test
    void everythingIsDrawnAsOftenAsItIsLikely() {
        assertThat(withBothGauges()).hasSizeGreaterThan(8);
        for (SealCase of : withBothGauges()) {
            SealAnswer.Rehearsed r = SealAnswer.rehearse(of, atHand(of), DRAWS, 7);
            r.probabilities().members().forEach((m, p) -> {
                double drawn = r.draws().stream().filter(has(m)).count() / (double) DRAWS;
                double error = Math.sqrt(p * (1 - p) / DRAWS);
                assertThat(Math.abs(drawn - p))
                        .as("%s is likely at %.3f and was drawn at %.3f", m, p, drawn)
                        .isLessThan(ERRORS * error + ROUNDING);
            });
        }
    }

    private static Predicate<Draw> has(Member m) {
        if (m.cause() == Cause.GASKET) {
            return d -> d.gaskets().stream().anyMatch(g -> g.of(m.cylinder()) && g.of(m.other()));
        }
        return m.cylinder() < 0
                ? d -> d.has(m.cause())
                : d -> d.cylinders().get(m.cylinder()).cause() == m.cause()
                        || d.cylinders().get(m.cylinder()).oil() == m.cause();
    }

    @Test
    void oneSeedDrawsTheSameTwiceAndAnotherDoesNot() {
        SealCase of = withBothGauges().get(0);
        List<Draw> once = SealAnswer.rehearse(of, atHand(of), 50, 3).draws();
        assertThat(SealAnswer.rehearse(of, atHand(of), 50, 3).draws()).isEqualTo(once);
        assertThat(SealAnswer.rehearse(of, atHand(of), 50, 4).draws()).isNotEqualTo(once);
    }

    @Test
    void whatIsPlayedLooksLikeWhatWasDrawn() {
        double with = 0;
        double without = 0;
        int leaking = 0;
        int tight = 0;
        for (SealCase of : withBothGauges()) {
            SealAnswer.Rehearsed r = SealAnswer.rehearse(of, atHand(of), 200, 11);
            for (int i = 0; i < r.draws().size(); i++) {
                for (int c = 0; c < of.body().cylinders(); c++) {
                    Draw.Cylinder cylinder = r.draws().get(i).cylinders().get(c);
                    double percent = r.played().get(i).percent()[c];
                    assertThat(percent).isBetween(0.0, 100.0);
                    if (cylinder.size() > 2) {
                        with += percent;
                        leaking++;
                    } else if (cylinder.cause() == null) {
                        without += percent;
                        tight++;
                    }
                }
            }
        }
        assertThat(tight).isGreaterThan(100);
        assertThat(leaking).isGreaterThan(100);
        assertThat(with / leaking).isGreaterThan(2 * without / tight);
    }
}
