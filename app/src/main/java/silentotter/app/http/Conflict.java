package silentotter.app.http;

/** What was to be changed has changed meanwhile in another window; nothing was overwritten. */
public class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Conflict(String message) {
        super(message);
    }
}
