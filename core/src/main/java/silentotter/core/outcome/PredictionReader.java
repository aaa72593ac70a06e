package silentotter.core.outcome;

import java.util.Collection;
import java.util.List;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;

/** Checks a prediction that comes out of a file: somebody else's shop kept it, and it is held against what is found here. */
public final class PredictionReader {
    private static final int LONGEST_TEXT = 4000;
    private static final int LONGEST_LIST = 2000;
    private static final double LARGEST_FACTOR = 100;

    private final Prediction prediction;
    private final Problems problems;
    private final String path;

    private PredictionReader(Prediction prediction, Problems problems, String path) {
        this.prediction = prediction;
        this.problems = problems;
        this.path = path;
    }

    /**
     * Adds everything that is wrong, by field. The engine may have been found to have fewer cylinders since.
     *
     * @param path what comes before the name of a field; empty or ending in a dot
     */
    public static void check(Prediction prediction, Problems problems, String path) {
        new PredictionReader(prediction, problems, path).all();
    }

    private void all() {
        problems.moment(path + "at", prediction.at());
        text("model", prediction.model());
        text("tables", prediction.tables());
        text("technician", prediction.technician());
        text("family", prediction.family());
        text("certain", prediction.certain());
        text("meant", prediction.meant());
        list("suspects", prediction.suspects());
        list("places", prediction.places());
        list("signs", prediction.signs());
        for (int i = 0; i < prediction.suspects().size(); i++) {
            Prediction.Foreseen s = prediction.suspects().get(i);
            String at = "suspects[" + i + "].";
            text(at + "text", s.text());
            cylinders(at + "cylinders", s.cylinders());
            share(at + "probability", s.probability());
            share(at + "low", s.low());
            share(at + "high", s.high());
        }
        for (int i = 0; i < prediction.places().size(); i++) {
            Prediction.Place p = prediction.places().get(i);
            String at = "places[" + i + "].";
            cylinders(at + "cylinders", p.cylinders());
            share(at + "prior", p.prior());
            share(at + "probability", p.probability());
            factor(at + "moved", p.moved());
        }
        for (int i = 0; i < prediction.signs().size(); i++) {
            Prediction.Sign s = prediction.signs().get(i);
            String at = "signs[" + i + "].";
            text(at + "id", s.id());
            text(at + "seen", s.seen());
            cylinders(at + "cylinders", s.cylinders());
            factor(at + "moved", s.moved());
            list(at + "worth", s.worth());
            for (Prediction.Worth w : s.worth()) {
                if (w.suspect() < 0 || w.suspect() >= prediction.suspects().size() || !Double.isFinite(w.decibans())) {
                    problems.add(path + at + "worth", "must be of one of the suspects, in decibans");
                }
            }
        }
        prediction.own().flatMap(o -> o.cylinder()).ifPresent(c -> cylinders("own.cylinder", List.of(c)));
    }

    private void text(String field, String text) {
        if (text.length() > LONGEST_TEXT) {
            problems.add(FieldProblem.of(path + field, "is too long", "at most " + LONGEST_TEXT + " characters"));
        }
    }

    private void list(String field, Collection<?> list) {
        if (list.size() > LONGEST_LIST) {
            problems.add(FieldProblem.of(path + field, "is too long", "at most " + LONGEST_LIST + " values"));
        }
    }

    private void share(String field, double value) {
        if (!(value >= 0 && value <= 1)) {
            problems.add(FieldProblem.of(path + field, value + " is no probability", "0 to 1"));
        }
    }

    private void factor(String field, double value) {
        if (!(value >= 1 / LARGEST_FACTOR && value <= LARGEST_FACTOR)) {
            problems.add(FieldProblem.of(path + field, value + " is no factor", "0.01 to 100"));
        }
    }

    private void cylinders(String field, List<Integer> numbers) {
        if (numbers.stream().anyMatch(c -> c == null || c < 1 || c > CylinderNumber.MOST)) {
            problems.add(
                    FieldProblem.of(path + field, "do not exist on any engine here", "1 to " + CylinderNumber.MOST));
        }
    }
}
