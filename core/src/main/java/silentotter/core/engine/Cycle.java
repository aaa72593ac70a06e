package silentotter.core.engine;

/** Strokes to a working cycle. */
public enum Cycle {
    FOUR_STROKE(2),
    TWO_STROKE(1);

    private final int turns;

    Cycle(int turns) {
        this.turns = turns;
    }

    /** Crank turns from one compression stroke of a cylinder to its next. */
    public int turnsPerCompression() {
        return turns;
    }

    public int degrees() {
        return turns * 360;
    }
}
