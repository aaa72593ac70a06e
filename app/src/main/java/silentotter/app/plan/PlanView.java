package silentotter.app.plan;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;

/** A plan, written in the units and with the labels of whoever asked. */
public record PlanView(@JsonValue @JsonRawValue String json) {
    /** What stands in it. */
    public static final Class<? extends Record> OF = Plans.Planned.class;
}
