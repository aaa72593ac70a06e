package silentotter.app.sheet;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import silentotter.core.wording.Units;

/**
 * The units that whoever asks wants sentences in: {@code Otter-Units: psi, US qt, mi, F}, or {@code ?units=} where a plain
 * link asks. Metric where nothing is said.
 */
@Component
public class AskedUnits {
    static final String HEADER = "Otter-Units";
    private static final String PARAMETER = "units";

    /** Metric where the request says nothing. */
    public Units units() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes)) {
            return Units.METRIC;
        }
        HttpServletRequest request = attributes.getRequest();
        return Optional.ofNullable(request.getHeader(HEADER))
                .or(() -> Optional.ofNullable(request.getParameter(PARAMETER)))
                .map(Units::of)
                .orElse(Units.METRIC);
    }
}
