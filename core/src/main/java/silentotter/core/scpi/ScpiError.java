package silentotter.core.scpi;

/** Errors as the standard numbers and words them (SCPI-99, 21.8). */
public enum ScpiError {
    NO_ERROR(0, "No error"),
    PARAMETER_NOT_ALLOWED(-108, "Parameter not allowed"),
    MISSING_PARAMETER(-109, "Missing parameter"),
    UNDEFINED_HEADER(-113, "Undefined header"),
    NUMERIC_DATA_ERROR(-120, "Numeric data error"),
    DATA_OUT_OF_RANGE(-222, "Data out of range"),
    QUEUE_OVERFLOW(-350, "Queue overflow"),
    INPUT_BUFFER_OVERRUN(-363, "Input buffer overrun");

    private final int code;
    private final String words;

    ScpiError(int code, String words) {
        this.code = code;
        this.words = words;
    }

    /** As {@code SYSTem:ERRor?} answers. */
    public String line() {
        return code + ",\"" + words + "\"";
    }
}
