package silentotter.core.diagnosis;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.quantity.Estimate;
import silentotter.core.quantity.LeakArea;
import silentotter.core.wording.Worded;

/**
 * One row of the answer: what one repair would mend at one place.
 *
 * @param fault the leading member; empty where nothing splits the family
 * @param cylinders empty for the whole engine, or somewhere
 * @param somewhere whether it is one cylinder and nobody knows which
 * @param probability 0 to 1; rows do not exclude each other
 * @param low under the stated uncertainty of the priors
 * @param words the probability as it is said
 * @param prior before anything was told or tested
 * @param togetherDecibans what the findings say together beyond what each is worth where all others stand
 * @param testedFor whether anything that was found says something of it; otherwise only its prior stands
 * @param withoutWeakness probability without a stated family weakness; empty where none is stated
 * @param area where it leaks
 */
public record Suspect(
        Family family,
        Optional<Fault> fault,
        List<CylinderNumber> cylinders,
        boolean somewhere,
        String text,
        double probability,
        double low,
        double high,
        Odds odds,
        String words,
        double prior,
        double togetherDecibans,
        boolean testedFor,
        Optional<Double> withoutWeakness,
        List<SuspectMember> members,
        Optional<Estimate<LeakArea>> area)
        implements Worded {

    /** A fault of the family at a place. */
    public record SuspectMember(Fault fault, List<CylinderNumber> cylinders, String text, double probability)
            implements Worded {}

    public Suspect {
        cylinders = List.copyOf(cylinders);
        members = List.copyOf(members);
    }

    /** Whom a verdict is about: the likeliest of those that anything was tested for. What only its prior speaks for leads nothing. */
    static Optional<Suspect> leading(List<Suspect> likeliestFirst) {
        return likeliestFirst.stream()
                .filter(Suspect::testedFor)
                .findFirst()
                .or(() -> likeliestFirst.stream().findFirst());
    }

    /** Whether it says that anything is wrong; no getter, so that the answer does not show it. */
    public boolean anythingWrong() {
        return family != Family.NOTHING_WRONG;
    }
}
