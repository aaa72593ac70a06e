package silentotter.app.sheet;

import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import silentotter.core.wording.Units;

/** The units that whoever asks wants sentences in: {@code Otter-Units: psi, US qt, mi, F}. Metric where nothing is said. */
@Component
public class AskedUnits {
    static final String HEADER = "Otter-Units";

    /** Metric where the request says nothing. */
    public Units units() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                        && request.getRequest().getHeader(HEADER) != null
                ? Units.of(request.getRequest().getHeader(HEADER))
                : Units.METRIC;
    }
}
