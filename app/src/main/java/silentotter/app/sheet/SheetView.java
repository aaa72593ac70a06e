package silentotter.app.sheet;

import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * The whole sheet of one job: what was measured and seen, what it says, and what can be undone. A {@link SheetHead} and
 * what each part shows, written in the units and with the labels of whoever asked.
 */
public record SheetView(@JsonValue @JsonRawValue String json) {
    /** What stands in it whatever the parts are. */
    public static final Class<? extends Record> HEAD = SheetHead.class;
}
