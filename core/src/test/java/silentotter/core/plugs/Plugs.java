package silentotter.core.plugs;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import silentotter.core.finding.Contamination;
import silentotter.core.plugs.Plug.Damage;
import silentotter.core.plugs.Plug.Deposit;
import silentotter.core.plugs.Plug.ElectrodeWear;
import silentotter.core.plugs.Plug.NoseSurface;
import silentotter.core.plugs.Plug.Shade;
import silentotter.core.plugs.Plug.Wetness;
import silentotter.core.plugs.PlugSet.PlugMake;

/** Plugs for tests, described as a technician taps them. */
public final class Plugs {
    private Shade shade;
    private Deposit deposit;
    private DepositAmount amount;
    private DepositSide side;
    private Wetness wetness;
    private NoseSurface surface;
    private Double gap;
    private ElectrodeWear wear;
    private Damage damage;
    private Boolean tight;
    private Thread thread;
    private Well well;
    private Contamination contamination;

    static Plugs plug() {
        return new Plugs();
    }

    public static Plug tan() {
        return plug().shade(Shade.TAN).wet(Wetness.DRY).deposit(Deposit.NONE).made();
    }

    public static Plug oily() {
        return plug().wet(Wetness.WET_STAYS_OILY).made();
    }

    /** Pale crusty ash. */
    public static Plug ash() {
        return plug().deposit(Deposit.ASH).made();
    }

    /** Ash of which somebody said how much there is. */
    public static Plug ash(DepositAmount much) {
        Plugs plug = plug().deposit(Deposit.ASH);
        plug.amount = much;
        return plug.made();
    }

    /** Grey specks of aluminium. */
    public static Plug specks() {
        return plug().deposit(Deposit.METAL_SPECKS).made();
    }

    static Plug washed() {
        return plug().surface(NoseSurface.STEAM_CLEANED).made();
    }

    Plugs shade(Shade s) {
        shade = s;
        return this;
    }

    Plugs deposit(Deposit d) {
        deposit = d;
        return this;
    }

    Plugs side(DepositSide s) {
        side = s;
        return this;
    }

    Plugs wet(Wetness w) {
        wetness = w;
        return this;
    }

    Plugs surface(NoseSurface s) {
        surface = s;
        return this;
    }

    Plugs gap(double mm) {
        gap = mm;
        return this;
    }

    Plugs wear(ElectrodeWear w) {
        wear = w;
        return this;
    }

    Plugs damage(Damage d) {
        damage = d;
        return this;
    }

    Plugs tight(boolean t) {
        tight = t;
        return this;
    }

    Plugs thread(Thread t) {
        thread = t;
        return this;
    }

    Plugs well(Well w) {
        well = w;
        return this;
    }

    Plugs spoiledBy(Contamination c) {
        contamination = c;
        return this;
    }

    Plug made() {
        return new Plug(
                Optional.ofNullable(shade),
                Optional.empty(),
                Optional.ofNullable(deposit),
                Optional.ofNullable(amount),
                Optional.empty(),
                Optional.ofNullable(side),
                Optional.ofNullable(wetness),
                Optional.ofNullable(surface),
                Optional.ofNullable(gap),
                Optional.ofNullable(wear),
                Optional.ofNullable(damage),
                Optional.ofNullable(tight),
                Optional.ofNullable(thread),
                Optional.ofNullable(well),
                Optional.ofNullable(contamination));
    }

    static PlugSet set(PlugMake make, Double distanceKm, Double newGapMm) {
        return new PlugSet(
                Optional.ofNullable(make),
                Optional.empty(),
                Optional.ofNullable(distanceKm),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(newGapMm));
    }

    /** A tray with these plugs on cylinders 1, 2, 3 … */
    public static PlugTray tray(Plug... plugs) {
        return tray(PlugSet.EMPTY, plugs);
    }

    static PlugTray tray(PlugSet set, Plug... plugs) {
        Map<Integer, Plug> byCylinder = new HashMap<>();
        for (int i = 0; i < plugs.length; i++) {
            byCylinder.put(i + 1, plugs[i]);
        }
        return new PlugTray(set, byCylinder);
    }
}
