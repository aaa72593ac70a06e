package silentotter.core.oil;

import java.time.LocalDate;
import java.util.Optional;
import silentotter.core.wording.Worded;

/** Something to do on an engine at some distance, hours or day, whichever comes first. */
public record OilDue(DueKind kind, Optional<Double> km, Optional<Double> hours, Optional<LocalDate> date, String says)
        implements Worded {}
