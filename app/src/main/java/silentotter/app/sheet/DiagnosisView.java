package silentotter.app.sheet;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import silentotter.core.diagnosis.Diagnosis;

/** A diagnosis, written in the units and with the labels of whoever asked. */
public record DiagnosisView(@JsonValue @JsonRawValue String json) {
    /** What stands in it. */
    public static final Class<? extends Record> OF = Diagnosis.class;
}
