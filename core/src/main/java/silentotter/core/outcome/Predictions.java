package silentotter.core.outcome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.RuleTables;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.diagnosis.WeighedFinding;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Cause;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Learnt;
import silentotter.core.inference.SealModel;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.outcome.Prediction.Foreseen;
import silentotter.core.outcome.Prediction.Place;
import silentotter.core.outcome.Prediction.Sign;
import silentotter.core.outcome.Prediction.Worth;
import silentotter.core.wording.Wording;

/** Keeps what an interpretation says as a prediction. */
public final class Predictions {
    /** Evidence below this moves nothing that anybody would ask about afterwards. */
    private static final double LEAST_DECIBANS = .5;

    private Predictions() {}

    /**
     * @param at the moment, an instant
     * @param learnt what the shop had learnt when it was said
     * @param wording in which its sentences are kept
     */
    public static Prediction of(Interpretation said, Learnt learnt, String at, Wording wording) {
        Diagnosis diagnosis = said.diagnosis();
        Engine engine = said.engine();
        return new Prediction(
                at,
                SealModel.VERSION,
                RuleTables.version(),
                learnt.anything(),
                said.record().job().technician(),
                EngineKind.of(engine),
                engine.family(),
                wording.fill(diagnosis.headline().certain().text()),
                diagnosis.headline().meant().map(m -> wording.fill(m.text())).orElse(""),
                diagnosis.suspects().stream().map(s -> foreseen(s, wording)).toList(),
                places(said, learnt),
                diagnosis.findings().stream()
                        .map(f -> sign(f, learnt, wording))
                        .filter(s -> !s.worth().isEmpty())
                        .toList(),
                said.diagnosed().tested(),
                diagnosis.littleTested(),
                said.record()
                        .last(Examination.class, Examination.EMPTY)
                        .closing()
                        .own());
    }

    private static Foreseen foreseen(Suspect s, Wording wording) {
        return new Foreseen(
                s.family(),
                numbers(s.cylinders()),
                s.somewhere(),
                wording.fill(s.text()),
                s.probability(),
                s.low(),
                s.high());
    }

    private static List<Place> places(Interpretation said, Learnt learnt) {
        Engine engine = said.engine();
        EngineKind kind = EngineKind.of(engine);
        List<Place> places = new ArrayList<>();
        said.diagnosed().places().forEach((at, p) -> {
            Optional<Cause> cause = Cause.at(at);
            if (p > 0) {
                places.add(new Place(
                        at.fault(),
                        numbers(at.cylinders()),
                        cause.map(c -> c.prior(kind)).orElse(0.0),
                        p,
                        cause.map(c -> learnt.odds(kind, engine.family(), c)).orElse(1.0)));
            }
        });
        places.sort(Comparator.comparingDouble(Place::probability)
                .reversed()
                .thenComparing(Place::fault)
                .thenComparing(p -> p.cylinders().toString()));
        return places;
    }

    private static Sign sign(WeighedFinding f, Learnt learnt, Wording wording) {
        return new Sign(
                f.id(),
                numbers(f.cylinders()),
                wording.fill(f.seen()),
                Sign.ruleOf(f.id())
                        .map(rule -> learnt.signs().getOrDefault(rule, 1.0))
                        .orElse(1.0),
                f.evidence().stream()
                        .filter(e -> Math.abs(e.decibans()) >= LEAST_DECIBANS)
                        .map(e -> new Worth(e.suspect(), e.decibans(), e.kind() == WeighedFinding.Kind.JUDGED))
                        .toList());
    }

    private static List<Integer> numbers(List<CylinderNumber> cylinders) {
        return cylinders.stream().map(CylinderNumber::value).toList();
    }
}
