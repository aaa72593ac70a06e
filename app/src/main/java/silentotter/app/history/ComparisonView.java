package silentotter.app.history;

import java.util.List;
import java.util.Map;
import silentotter.core.comparison.Change;
import silentotter.core.comparison.Claim;
import silentotter.core.comparison.Comparison;
import silentotter.core.comparison.Comparison.PlugPair;
import silentotter.core.comparison.Measure;
import silentotter.core.comparison.Unmatched;
import silentotter.core.wording.Wording;

/** Two visits held against each other, in the units and with the labels of whoever asked. */
record ComparisonView(
        long before,
        long after,
        Map<Measure, List<Unmatched>> unmatched,
        List<Claim> claims,
        Map<Measure, String> notCompared,
        List<PlugPair> plugs,
        List<Change> changes,
        String credit,
        List<String> inWords) {
    static ComparisonView of(Comparison c, Wording wording) {
        return new ComparisonView(
                c.before(),
                c.after(),
                c.unmatched(),
                c.claims(),
                c.notCompared(),
                c.plugs(),
                c.changes(),
                wording.fill(c.credit()),
                c.inWords().stream().map(wording::fill).toList());
    }
}
