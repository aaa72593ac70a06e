package silentotter.core.planning;

import java.util.List;
import silentotter.core.diagnosis.NextStep;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.TestKind;
import silentotter.core.wording.Worded;

/**
 * One step of a plan.
 *
 * @param station where it is done
 * @param minutes of the test and of what is set up for it
 * @param setUp what is set up for it, in words
 * @param gain what it saves on the mean beyond what it costs, in the shop's money; 0 where it is done for another reason
 * @param hazards cautions of this step
 * @param capture what can be seen only before this step and has not been
 */
public record PlanStep(
        TestKind test,
        String station,
        List<CylinderNumber> cylinders,
        String text,
        double minutes,
        List<String> setUp,
        double gain,
        List<String> hazards,
        String why,
        List<String> capture)
        implements Worded {

    /** The same with another reason before its own. */
    PlanStep because(String reason) {
        return new PlanStep(test, station, cylinders, text, minutes, setUp, gain, hazards, reason + " " + why, capture);
    }

    NextStep asNext() {
        return new NextStep(
                List.of(new NextStep.NextTest(station, cylinders)),
                text,
                (int) Math.round(minutes),
                gain,
                hazards,
                why,
                false);
    }
}
