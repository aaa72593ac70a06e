package silentotter.core.blowby;

import silentotter.core.wording.Labelled;

/** What crankcase pressure is read on. */
public enum CrankcaseGauge implements Labelled {
    SLACK_TUBE,
    DIGITAL
}
