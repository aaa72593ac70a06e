package silentotter.core.compression;

import java.util.Optional;
import silentotter.core.engine.Cycle;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Say;

/**
 * How long a cylinder was cranked, as the technician counted it.
 *
 * @param amount strokes, turns, seconds or pulls; not used for {@link LengthKind#UNTIL_STOPPED}
 */
public record CrankingLength(LengthKind kind, double amount) {
    /** Fewer than this many strokes leave a reading well short of its final value and flatter a bad cylinder. */
    public static final double ENOUGH_STROKES = 4;
    /** The needle has stopped for two strokes after about this many. */
    private static final double STROKES_UNTIL_STOPPED = 8;
    /** Crank turns to one pull of a starting cord: low, usual, high. Trade practice. */
    private static final Estimate<Double> TURNS_PER_PULL = Estimate.of(2.0, 3.0, 4.0);

    private static final double SLOW_RPM = 120;
    private static final double USUAL_RPM = 220;
    private static final double FAST_RPM = 350;

    /** Converts to compression strokes of one cylinder; a range where turns or speed are not known exactly. */
    public Estimate<Double> strokes(Cycle cycle, Optional<CrankSpeed> speed) {
        double perTurn = 1.0 / cycle.turnsPerCompression();
        return switch (kind) {
            case STROKES -> Estimate.exactly(amount);
            case TURNS -> Estimate.exactly(amount * perTurn);
            case SECONDS -> {
                double perRpm = amount / 60 * perTurn;
                yield speed.map(s -> Estimate.exactly(s.rpm() * perRpm))
                        .orElse(Estimate.of(SLOW_RPM * perRpm, USUAL_RPM * perRpm, FAST_RPM * perRpm));
            }
            case PULLS ->
                Estimate.of(
                        TURNS_PER_PULL.low() * amount * perTurn,
                        TURNS_PER_PULL.best() * amount * perTurn,
                        TURNS_PER_PULL.high() * amount * perTurn);
            case UNTIL_STOPPED -> Estimate.of(6.0, STROKES_UNTIL_STOPPED, 12.0);
        };
    }

    public String inWords() {
        return kind == LengthKind.UNTIL_STOPPED ? kind.words() : Say.number(amount) + " " + kind.words();
    }

    /** The ways in which technicians say how long they cranked. */
    public enum LengthKind implements Labelled {
        STROKES,
        TURNS,
        SECONDS,
        PULLS,
        UNTIL_STOPPED;
    }
}
