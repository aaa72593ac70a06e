package silentotter.app.http;

/** Nothing was done yet, because only the sender knows what is meant. */
public class Asks extends Conflict {
    private static final long serialVersionUID = 1L;

    /** What is asked. */
    public enum Question {
        /** Another window has read this cylinder meanwhile: a repeat, or the same reading twice? */
        REPEAT
    }

    private final Question question;

    /** Another window has read this cylinder since the sender last looked. */
    public static Asks whetherItRepeats(String cylinder) {
        return new Asks(
                Question.REPEAT,
                "Cylinder " + cylinder
                        + " was read meanwhile, in another window. Is this a repeat, or the same reading twice?");
    }

    private Asks(Question question, String message) {
        super(message);
        this.question = question;
    }

    public Question question() {
        return question;
    }
}
