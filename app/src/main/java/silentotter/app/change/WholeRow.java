package silentotter.app.change;

/** Puts back or again what was changed as a whole, without losing what other jobs changed of it since. */
public interface WholeRow {
    /** @throws silentotter.app.http.Conflict when the same was changed again elsewhere */
    void replay(long targetId, String from, String to);
}
