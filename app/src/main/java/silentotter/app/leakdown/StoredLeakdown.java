package silentotter.app.leakdown;

import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;
import silentotter.core.instruments.TesterDocument;
import silentotter.core.leakdown.LeakdownDocument;

/**
 * A reading as it is kept.
 *
 * @param tester as it is known now: a calibration betters what was read before, a change is another tester
 */
record StoredLeakdown(
        long id,
        long testerId,
        @JsonIgnore TesterDocument tester,
        int cylinder,
        LeakdownDocument reading,
        @Nullable String setAside,
        String takenAt) {

    /** As a case file holds it, with its tester. */
    record Filed(
            int cylinder,
            TesterDocument tester,
            LeakdownDocument reading,
            @Nullable String setAside,
            String takenAt) {
        StoredLeakdown kept() {
            return new StoredLeakdown(0, 0, tester, cylinder, reading, setAside, takenAt);
        }
    }

    Filed filed() {
        return new Filed(cylinder, tester, reading, setAside, takenAt);
    }
}
