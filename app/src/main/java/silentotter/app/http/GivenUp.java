package silentotter.app.http;

/** Somebody gave up what was still under way; nothing of it was kept. */
public class GivenUp extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public GivenUp() {
        super("It was given up; nothing of it was added.");
    }
}
