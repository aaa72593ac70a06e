package silentotter.core.waveform;

import silentotter.core.wording.Labelled;

/** What was recorded while an engine was cranked or ran. */
public enum WaveformKind implements Labelled {
    /** A transducer in the plug hole, without a check valve; kPa. */
    CRANKING_PRESSURE("kPa"),
    /** A clamp round the starter's cable; A. */
    STARTER_CURRENT("A"),
    /** A transducer on the crankcase; Pa. */
    CRANKCASE_PULSES("Pa");

    private final String unit;

    WaveformKind(String unit) {
        this.unit = unit;
    }

    /** In which its values are kept. */
    public String unit() {
        return unit;
    }

    /** Whether it was taken of one cylinder; otherwise it shows all of them in their firing order. */
    public boolean isOfOneCylinder() {
        return this == CRANKING_PRESSURE;
    }
}
