package silentotter.core.outcome;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import silentotter.core.closing.OwnVerdict;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.fault.FaultAt;

/**
 * What was said of an engine before it was opened, as it was said then. It is never worked out anew: learning and better
 * tables come later and would flatter it.
 *
 * @param at the moment it was kept, an instant
 * @param model version of the model
 * @param tables version of the tables of judged figures
 * @param learnt whether the shop's own outcomes had moved anything by then
 * @param family of the engine; empty where it is of none
 * @param certain and meant the two lines of the headline; meant may be empty
 * @param suspects most likely first
 * @param places every fault at every place where it can sit, also where no suspect shows it
 * @param tested what of the round was done
 * @param littleTested whether it was said that little was tested yet
 * @param own what the technician said
 */
public record Prediction(
        String at,
        String model,
        String tables,
        boolean learnt,
        String technician,
        EngineKind kind,
        String family,
        String certain,
        String meant,
        List<Foreseen> suspects,
        List<Place> places,
        List<Sign> signs,
        Set<TestKind> tested,
        boolean littleTested,
        Optional<OwnVerdict> own) {

    public Prediction {
        suspects = List.copyOf(suspects);
        places = List.copyOf(places);
        signs = List.copyOf(signs);
        tested = Set.copyOf(tested);
    }

    /**
     * A row of the answer.
     *
     * @param cylinders empty for the whole engine, or somewhere
     * @param text as it was said: "Exhaust valve, cylinder 3"
     * @param probability 0 to 1
     */
    public record Foreseen(
            Family family,
            List<Integer> cylinders,
            boolean somewhere,
            String text,
            double probability,
            double low,
            double high) {
        public Foreseen {
            cylinders = List.copyOf(cylinders);
        }

        /** Whether a fault at a place is of this row. */
        public boolean includes(FaultAt at) {
            return isOfIts(at.fault())
                    && (cylinders.isEmpty()
                            || cylinders.equals(at.cylinders().stream()
                                    .map(CylinderNumber::value)
                                    .toList()));
        }

        private boolean includes(Place place) {
            return isOfIts(place.fault()) && (cylinders.isEmpty() || cylinders.equals(place.cylinders()));
        }

        private boolean isOfIts(Fault fault) {
            return fault.family().filter(f -> f == family).isPresent();
        }
    }

    /**
     * A fault at a place.
     *
     * @param moved what the shop's own outcomes had multiplied the odds of its prior by
     */
    public record Place(Fault fault, List<Integer> cylinders, double prior, double probability, double moved) {
        public Place {
            cylinders = List.copyOf(cylinders);
        }

        public FaultAt at() {
            return FaultAt.of(fault, cylinders.stream().map(CylinderNumber::of).toList());
        }
    }

    /**
     * A finding with what it was worth.
     *
     * @param id stable within the job; of a rule it begins with {@code rule:} and its name
     * @param seen what was seen or measured, in a line
     * @param moved what the shop's own outcomes had multiplied its judged ratio by
     */
    public record Sign(String id, List<Integer> cylinders, String seen, double moved, List<Worth> worth) {
        public Sign {
            cylinders = List.copyOf(cylinders);
            worth = List.copyOf(worth);
        }

        /** Name of the rule; empty for what the model works out itself. */
        public Optional<String> rule() {
            return ruleOf(id);
        }

        static Optional<String> ruleOf(String id) {
            return id.startsWith("rule:") ? Optional.of(id.split(":")[1]) : Optional.empty();
        }
    }

    /** @param suspect index into the suspects; @param judged whether somebody judged it, or the model worked it out */
    public record Worth(int suspect, double decibans, boolean judged) {}

    /** Those places that a suspect is made of. */
    List<Place> under(Foreseen row) {
        return places.stream().filter(row::includes).toList();
    }
}
