package silentotter.app.history;

import java.util.Optional;
import silentotter.core.comparison.Forecast;
import silentotter.core.wording.Wording;

/** A forecast in the units of whoever asked. */
record ForecastView(
        String what, boolean inHours, int visits, Optional<Double> earliest, Optional<Double> latest, String inWords) {
    static ForecastView of(Forecast f, Wording wording) {
        return new ForecastView(
                wording.fill(f.what()), f.inHours(), f.visits(), f.earliest(), f.latest(), wording.fill(f.inWords()));
    }
}
