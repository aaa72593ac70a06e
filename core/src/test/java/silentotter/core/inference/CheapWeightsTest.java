package silentotter.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * What a reading is worth, worked out the cheap way (own weights rebuilt, messages of all others kept), against a full run
 * without the reading. With {@code -Dotter.printErrors=true} the figures of docs/judgement.md are printed.
 */
class CheapWeightsTest {
    /** Causes less likely than this with and without are no concern of anybody. */
    private static final double OF_CONCERN = .02;

    private static final double MEAN_NATS = .25;
    private static final double LARGE = 3;

    private record Error(double weight, double off, boolean own) {}

    @Test
    void aWeightIsNearlyThatOfAFullRun() {
        List<Error> errors = new ArrayList<>();
        for (ReferenceCases.Reference reference : ReferenceCases.all()) {
            SealCase with = reference.seal();
            for (SealAnswer.Own own : SealAnswer.of(with).cylinders()) {
                int at = own.findings().indexOf("leakdown" + own.cylinder());
                if (at >= 0 && with.leakdown() != null) {
                    compare(own, at, with, errors);
                }
            }
        }
        List<Error> small =
                errors.stream().filter(e -> Math.abs(e.weight()) <= LARGE).toList();
        if (Boolean.getBoolean("otter.printErrors")) {
            print("own cylinder", small.stream().filter(Error::own).toList());
            print("others", small.stream().filter(e -> !e.own()).toList());
            print("all, large weights too", errors);
        }
        assertThat(small).hasSizeGreaterThan(50);
        assertThat(mean(small)).isLessThan(MEAN_NATS);
    }

    private static void compare(SealAnswer.Own own, int leakdown, SealCase with, List<Error> errors) {
        int all = (1 << own.findings().size()) - 1;
        int without = all & ~(1 << leakdown);
        for (String standsOn : List.of("heard", "tapped")) {
            int bit = own.findings().indexOf(standsOn + own.cylinder());
            without = bit < 0 ? without : without & ~(1 << bit);
        }
        Probabilities cheap = own.answers().get(without);
        if (cheap == null) {
            return;
        }
        Probabilities full =
                SealModel.of(with.with(unread(with.leakdown(), own.cylinder()))).probabilities();
        Probabilities before = own.answers().get(all);
        for (Map.Entry<Member, Double> e : before.members().entrySet()) {
            double there = full.of(e.getKey());
            if (Math.max(e.getValue(), there) > OF_CONCERN && Math.min(e.getValue(), there) > 1e-4) {
                double weight = logOdds(e.getValue()) - logOdds(there);
                double off = Math.abs(logOdds(cheap.of(e.getKey())) - logOdds(there));
                boolean mine = e.getKey().cylinder() == own.cylinder();
                errors.add(new Error(weight, off, mine));
            }
        }
    }

    private static SealCase.Leakdown unread(SealCase.Leakdown l, int cylinder) {
        double[] percent = l.percent().clone();
        percent[cylinder] = Double.NaN;
        return new SealCase.Leakdown(
                percent, l.sigma(), l.sigmaShare(), l.lnBiasSigma(), l.curves(), l.heard(), l.towards(), l.tapped());
    }

    private static double logOdds(double p) {
        double q = Math.max(1e-9, Math.min(1 - 1e-9, p));
        return Math.log(q / (1 - q));
    }

    private static double mean(List<Error> errors) {
        return errors.stream().mapToDouble(Error::off).average().orElse(0);
    }

    private static void print(String what, List<Error> errors) {
        System.out.printf(
                "%s: %d weights, mean %.3f nats, worst %.2f%n",
                what,
                errors.size(),
                mean(errors),
                errors.stream().mapToDouble(Error::off).max().orElse(0));
    }
}
