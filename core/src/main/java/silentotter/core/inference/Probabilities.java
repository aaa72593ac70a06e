package silentotter.core.inference;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/**
 * How likely every member is, that nothing is wrong, that oil gets in some way, and water from the coolant; each 0 to 1. Members do not exclude each
 * other across places.
 */
public record Probabilities(Map<Member, Double> members, double nothingWrong, double oilEntry, double waterEntry) {
    public Probabilities {
        members = Map.copyOf(members);
    }

    public double of(Member member) {
        return members.getOrDefault(member, 0.0);
    }

    /** The mean of two answers. @param share of the other, 0 to 1 */
    Probabilities mixedWith(Probabilities other, double share) {
        Set<Member> all = new LinkedHashSet<>(members.keySet());
        all.addAll(other.members.keySet());
        Map<Member, Double> mixed = new HashMap<>();
        all.forEach(m -> mixed.put(m, (1 - share) * of(m) + share * other.of(m)));
        return new Probabilities(
                mixed,
                (1 - share) * nothingWrong + share * other.nothingWrong,
                (1 - share) * oilEntry + share * other.oilEntry,
                (1 - share) * waterEntry + share * other.waterEntry);
    }
}
