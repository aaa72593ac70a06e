package silentotter.app.practice;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;

/** A case under way, written in the units and with the labels of whoever asked. */
public record PracticeView(@JsonValue @JsonRawValue String json) {
    /** What stands in it. */
    public static final Class<? extends Record> OF = PracticeController.PracticeState.class;
}
