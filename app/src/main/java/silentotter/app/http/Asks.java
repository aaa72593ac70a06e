package silentotter.app.http;

/** Nothing was done yet, because only the sender knows what is meant. */
public class Asks extends Conflict {
    private static final long serialVersionUID = 1L;

    /** What is asked. */
    public enum Question {
        /** Another window has read this cylinder meanwhile: a repeat, or the same reading twice? */
        REPEAT,
        /** A small number on a second gauge: the pressure there, or per cent? */
        PERCENT,
        /** Something looks odd about what was typed: is it meant? */
        MEANT
    }

    private final Question question;

    /** Another window has read this cylinder since the sender last looked. */
    public static Asks whetherItRepeats(String cylinder) {
        return new Asks(
                Question.REPEAT,
                "Cylinder " + cylinder
                        + " was read meanwhile, in another window. Is this a repeat, or the same reading twice?");
    }

    /** @param lost per cent, if the number is the pressure on the second gauge */
    public static Asks whetherItIsPercent(double typed, double lost) {
        return new Asks(
                Question.PERCENT,
                "Taken as the second gauge, that is " + Math.round(lost) + " % lost. Did you mean " + plain(typed)
                        + " %?");
    }

    /** @param odd what looks odd, in sentences */
    public static Asks whetherItIsMeant(String odd) {
        return new Asks(Question.MEANT, odd);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString(Math.round(number)) : Double.toString(number);
    }

    private Asks(Question question, String message) {
        super(message);
        this.question = question;
    }

    public Question question() {
        return question;
    }
}
