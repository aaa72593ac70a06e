package silentotter.core.practice;

import java.util.Map;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.Place;
import silentotter.core.wording.Worded;

/**
 * How a leak sounds at a place: noise between two frequencies, as loud as its flow, coloured by the way it takes. A jet hisses
 * far above hearing at its orifice (a Strouhal number of 0.2 at the speed of sound: 60 kHz for one square millimetre); what is
 * heard is what the way lets through. Ways and levels are judged, not measured.
 *
 * @param decibels over the noise of a quiet yard; below 0 nobody hears it
 * @param bubblesPerSecond 0 where it is a steady hiss
 * @param heard what a usual ear writes down
 * @param words for whoever does not listen
 */
public record LeakSound(
        Place place, double decibels, double lowHz, double highHz, double bubblesPerSecond, Heard heard, String words)
        implements Worded {
    /** From here on, free air in litres a minute, a usual ear hears it: as the diagnosis takes it. */
    private static final double FAINT = 8.1;

    private static final double CLEAR = 19;
    private static final double LOUD = 60;
    /** Bubbles are seen and not heard. */
    private static final double BUBBLES = 2.5;

    private static final double QUIETEST = -20;
    private static final double LOUDEST = 30;

    private record Way(double lowHz, double highHz, String sound) {}

    private static final Map<Place, Way> WAYS = Map.of(
            Place.INTAKE, new Way(500, 2200, "a hollow rush"),
            Place.EXHAUST, new Way(180, 900, "a breath through a pipe"),
            Place.CRANKCASE, new Way(90, 600, "a low rumble"),
            Place.COOLANT, new Way(200, 700, "bubbles"),
            Place.NEIGHBOUR, new Way(1500, 6000, "a sharp hiss"),
            Place.OUTSIDE, new Way(3000, 9000, "a thin hiss at your hands"));

    /** @param litresPerMinute of free air, 0 or more */
    public static LeakSound of(Place place, double litresPerMinute) {
        double flow = Math.max(0, litresPerMinute);
        boolean water = place == Place.COOLANT;
        Heard heard = water ? flow < BUBBLES ? Heard.NOTHING : Heard.CLEAR : by(flow);
        Way way = WAYS.get(place);
        // The power of a jet's noise grows with its flow; 8 litres a minute are just heard.
        double decibels = 10 * Math.log10(Math.max(1e-3, flow / (water ? BUBBLES : FAINT))) * 2;
        String words = heard == Heard.NOTHING ? "nothing" : way.sound() + ", " + heard.words();
        return new LeakSound(
                place,
                Math.max(QUIETEST, Math.min(LOUDEST, decibels)),
                way.lowHz(),
                way.highHz(),
                water && heard != Heard.NOTHING ? Math.min(14, 2 + flow) : 0,
                heard,
                words);
    }

    private static Heard by(double flow) {
        if (flow < FAINT) {
            return Heard.NOTHING;
        }
        return flow < CLEAR ? Heard.FAINT : flow < LOUD ? Heard.CLEAR : Heard.LOUD;
    }
}
