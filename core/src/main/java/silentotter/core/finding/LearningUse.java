package silentotter.core.finding;

import silentotter.core.wording.Labelled;

/** Whether a verdict stands on what the shop's own outcomes have moved. */
public enum LearningUse implements Labelled {
    USED,
    LEFT_OUT
}
