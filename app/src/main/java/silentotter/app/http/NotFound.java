package silentotter.app.http;

/** What was asked for does not exist. */
public class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotFound(String message) {
        super(message);
    }
}
