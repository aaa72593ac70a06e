package silentotter.app.history;

import silentotter.core.comparison.TrialJudged;
import silentotter.core.comparison.TrialJudged.TrialVerdict;
import silentotter.core.wording.Wording;

/** A trial in the units and with the labels of whoever asked. @param what as somebody typed it */
record TrialView(long job, String what, TrialVerdict verdict, boolean over, String inWords) {
    static TrialView of(TrialJudged t, Wording wording) {
        return new TrialView(t.job(), t.what(), t.verdict(), t.over(), wording.fill(t.inWords()));
    }
}
