package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * What to do next.
 *
 * @param minutes about, 0 where it is not work
 * @param hazards cautions of this step
 */
public record NextStep(List<NextTest> tests, String text, int minutes, List<String> hazards, String why)
        implements Worded {

    /** @param test name of a station, or what else is done */
    public record NextTest(String test, List<CylinderNumber> cylinders) {}
}
