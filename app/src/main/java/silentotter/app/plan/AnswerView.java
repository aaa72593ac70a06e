package silentotter.app.plan;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;

/** A diagnosis with its plan, written in the units and with the labels of whoever asked. */
public record AnswerView(@JsonValue @JsonRawValue String json) {
    /** What stands in it. */
    public static final Class<? extends Record> OF = Plans.Answer.class;
}
