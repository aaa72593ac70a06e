package silentotter.app.practice;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import silentotter.core.practice.Debrief;

/** A debriefing, written in the units and with the labels of whoever asked. */
public record DebriefView(@JsonValue @JsonRawValue String json) {
    /** What stands in it. */
    public static final Class<? extends Record> OF = Debrief.class;
}
