package silentotter.app.sheet;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import silentotter.app.change.Change;
import silentotter.app.engine.Engines;
import silentotter.app.job.Jobs;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.School;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Movement;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.LossyStep;
import silentotter.core.intake.ServiceDocument;
import silentotter.core.round.EngineState;
import silentotter.core.round.Station;
import silentotter.core.wording.Worded;

/**
 * What stands on every sheet, whatever was done; the parts stand beside it.
 *
 * @param round what each station asks of the engine and of the clock
 * @param moved what the last change did to the suspects, where the answer before it is still known
 * @param learnt whether the verdict stands on what the shop's own outcomes have moved
 * @param notComputed what could not be worked out, each in a sentence
 */
record SheetHead(
        Jobs.StoredJob job,
        Engines.StoredEngine engine,
        List<CylinderView> cylinders,
        List<Station> stations,
        List<StationView> round,
        List<ServiceDocument> service,
        String lastOilChange,
        Diagnosis diagnosis,
        List<Movement> moved,
        School leadingSchool,
        boolean learnt,
        List<String> notComputed,
        @Nullable ChangeView undo,
        @Nullable ChangeView redo)
        implements Worded {

    /** A cylinder and its place. */
    record CylinderView(
            int number,
            String label,
            List<CylinderNumber> neighbours,
            @Nullable Double leanDeg,
            boolean wetTestable) {
        static CylinderView of(Engine engine, CylinderNumber n) {
            return new CylinderView(
                    n.value(),
                    engine.label(n),
                    engine.arrangement().neighbours(n),
                    engine.arrangement().boreLeanDeg(n).orElse(null),
                    CompressionAnalyst.wetRefusal(engine, n).isEmpty());
        }
    }

    /**
     * @param needs the state in which the engine must be, in words
     * @param spoils the steps that it takes, after "before you": what can be captured only before them is asked for
     */
    record StationView(Station station, int minutes, List<String> needs, List<String> spoils) {
        static StationView of(Station station, Engine engine) {
            Set<EngineState> needs = station.needs();
            return new StationView(
                    station,
                    station.minutes(engine),
                    needs.stream().sorted().map(EngineState::words).toList(),
                    station.spoils().stream().sorted().map(LossyStep::words).toList());
        }
    }

    /** What undo or redo would do. */
    record ChangeView(long id, String description) {
        static ChangeView of(Change change) {
            return new ChangeView(change.id(), change.description());
        }
    }
}
