package silentotter.core.diagnosis;

import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.wording.Worded;

/**
 * What to do next.
 *
 * @param minutes about, 0 where it is not work
 * @param gain what it saves on the mean beyond what it costs, in the shop's money; 0 where nobody has worked it out
 * @param hazards cautions of this step
 * @param urgent whether it comes before every test: safety, or readings that cannot both be right
 */
public record NextStep(
        List<NextTest> tests, String text, int minutes, double gain, List<String> hazards, String why, boolean urgent)
        implements Worded {

    /** @param test name of a station, or what else is done */
    public record NextTest(String test, List<CylinderNumber> cylinders) {}
}
