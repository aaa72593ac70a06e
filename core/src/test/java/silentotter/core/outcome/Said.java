package silentotter.core.outcome;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import silentotter.core.closing.OwnVerdict;
import silentotter.core.examination.TestKind;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.outcome.Prediction.Foreseen;
import silentotter.core.outcome.Prediction.Place;
import silentotter.core.outcome.Prediction.Sign;
import silentotter.core.outcome.Prediction.Worth;

/** A prediction for tests, row by row. */
public final class Said {
    private final List<Foreseen> rows = new ArrayList<>();
    private final List<Place> places = new ArrayList<>();
    private final List<Sign> signs = new ArrayList<>();
    private Set<TestKind> tested = Set.of(TestKind.COMPRESSION);
    private Optional<OwnVerdict> own = Optional.empty();
    private String technician = "A. Mate";
    private String family = "";

    public static Said nothingYet() {
        return new Said();
    }

    /** A suspect of one fault. @param cylinders none for the whole engine */
    public Said suspect(Family family, Fault fault, double p, int... cylinders) {
        rows.add(new Foreseen(family, numbers(cylinders), false, fault.words(), p, p, p));
        return place(fault, p, cylinders);
    }

    /** A fault that no row of its own shows. */
    public Said place(Fault fault, double p, int... cylinders) {
        places.add(new Place(fault, numbers(cylinders), .02, p, 1));
        return this;
    }

    public Said sign(String id, int suspect, double decibans, boolean judged) {
        signs.add(new Sign(id, List.of(), id, 1, List.of(new Worth(suspect, decibans, judged))));
        return this;
    }

    public Said tested(TestKind... kinds) {
        tested = Set.of(kinds);
        return this;
    }

    public Said by(String name) {
        technician = name;
        return this;
    }

    public Said family(String name) {
        family = name;
        return this;
    }

    public Said own(Family f, Integer cylinder, double percent, boolean shared) {
        own = Optional.of(new OwnVerdict(
                Optional.of(f),
                Optional.ofNullable(cylinder),
                Optional.of(percent),
                Optional.empty(),
                Optional.of(shared)));
        return this;
    }

    public Prediction prediction() {
        return new Prediction(
                "2026-03-04T10:00:00Z",
                "test",
                "test",
                false,
                technician,
                EngineKind.PETROL,
                family,
                "",
                "",
                rows,
                places,
                signs,
                tested,
                false,
                own);
    }

    private static List<Integer> numbers(int... cylinders) {
        return Arrays.stream(cylinders).boxed().toList();
    }
}
