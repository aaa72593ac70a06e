package silentotter.core.inference;

/**
 * What every test would show on one engine, as one reading each. Arrays are by cylinder index. Signs are whether they would
 * be seen.
 *
 * @param lnKPa ln of cranking compression
 * @param rise of a wet reading over the dry one, as a share
 * @param percent leak-down
 * @param heard by cylinder and place, 0 nothing to 3 loud
 * @param looks of the plugs, ordinals of {@link SealCase.Look}
 * @param cameBack whether a tap on the valve makes leak-down better
 * @param camera what is seen inside: {@link Inside}
 * @param clearance whether a valve clearance is off
 * @param lnBlowby ln of the flow through the orifice and the least that can be told, L/min
 * @param asFound whether the crankcase has pressure with its ventilation working
 * @param lnOil ln of oil use and the least that can be told, L/1000 km
 * @param heldBelow whether the crank chambers of a two-stroke hold
 */
public record Played(
        double[] lnKPa,
        double[] rise,
        double[] percent,
        int[][] heard,
        int[] looks,
        boolean[] cameBack,
        boolean[][] camera,
        boolean[] clearance,
        double lnBlowby,
        boolean asFound,
        double lnOil,
        boolean standing,
        boolean load,
        boolean overrun,
        boolean warmWhite,
        boolean outside,
        boolean breatherOil,
        boolean coolantLoss,
        boolean metal,
        boolean combustionGas,
        boolean bubbles,
        boolean heldBelow) {

    /** What a camera may show of one cylinder. */
    public enum Inside {
        CROWN_WET,
        VALVE_BACK_WET,
        WASHED,
        BORE_MARKED,
        VALVE_FACE
    }
}
