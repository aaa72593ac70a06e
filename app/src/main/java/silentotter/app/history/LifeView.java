package silentotter.app.history;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import silentotter.app.engine.Engines.StoredEngine;
import silentotter.app.job.JobLine;
import silentotter.core.comparison.Change;
import silentotter.core.comparison.Measured;
import silentotter.core.comparison.RunIn;
import silentotter.core.comparison.RunIn.RunInState;
import silentotter.core.comparison.Visit;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.plugs.PlugLook;
import silentotter.core.wording.Wording;

/**
 * An engine's whole life.
 *
 * @param jobs newest first
 * @param visits what was measured on each, oldest first
 * @param trials with what was said before them, oldest first
 * @param changes what was done to it, oldest first
 * @param runIn of a freshly built engine
 */
record LifeView(
        StoredEngine engine,
        List<JobLine> jobs,
        List<VisitView> visits,
        List<Change> changes,
        Optional<RunInView> runIn,
        List<ForecastView> forecasts,
        List<TrialView> trials) {

    /** @param hours and distanceKm on the meter; empty where it belongs to another engine */
    record VisitView(
            long job,
            LocalDate date,
            Optional<Double> hours,
            Optional<Double> distanceKm,
            String complaint,
            boolean baseline,
            List<Measured> measured,
            Map<CylinderNumber, PlugLook> plugs) {
        static VisitView of(Visit v) {
            return new VisitView(
                    v.job(), v.date(), v.hours(), v.distanceKm(), v.complaint(), v.baseline(), v.measured(), v.plugs());
        }
    }

    /** How it has run in, in the units and with the labels of whoever asked. */
    record RunInView(RunInState state, List<String> inWords) {
        static RunInView of(RunIn r, Wording wording) {
            return new RunInView(
                    r.state(), r.inWords().stream().map(wording::fill).toList());
        }
    }
}
