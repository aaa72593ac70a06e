package silentotter.core.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.engine.Cycle;
import silentotter.core.examination.Examination;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.hidden.HiddenBench.Aired;
import silentotter.core.hidden.HiddenBench.Airing;
import silentotter.core.hidden.HiddenBench.Cranking;
import silentotter.core.input.InvalidInput;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.Place;
import silentotter.core.oil.OilEntry;
import silentotter.core.plugs.Plug;
import silentotter.core.plugs.Plug.Wetness;
import silentotter.core.plugs.PlugTray;
import silentotter.core.quantity.Length;
import silentotter.core.signs.Signs;
import silentotter.core.signs.Smoke;
import silentotter.core.signs.Smoke.SmokeMoment;

/** A case with everything that was done to it. Nothing is remembered but the deeds: the same deeds show the same. */
public final class PracticeBench {
    /** An engine that was turned by feel stands right; one that was not, half of the times. */
    private static final int STROKES_OF_FOUR = 2;

    /** Of the chamber at the top, what oil may fill: the caution of the wet test, doubled. */
    private static final double OIL_SHARE = .5;

    private final PracticeCase of;
    private final List<Deed> deeds;
    private final JobRecord whole;
    private final int cylinders;
    /** How it stood when it came, and after each deed. */
    private final List<Standing> standings;

    public PracticeBench(PracticeCase of, List<Deed> deeds) {
        this.of = of;
        this.deeds = List.copyOf(deeds);
        this.whole = of.bench().job().record();
        this.cylinders = of.bench().engine().arrangement().count();
        this.standings = Standing.after(of.bench().arrivesHot(), cylinders, this.deeds);
    }

    public List<Deed> deeds() {
        return deeds;
    }

    /** The same with one deed more. @throws silentotter.core.input.InvalidInput when it cannot be done to this engine */
    public PracticeBench and(Deed deed) {
        List<Deed> more = new ArrayList<>(deeds);
        more.add(deed.checked(cylinders));
        if (deed.kind() == DeedKind.POUR_OIL) {
            bears(deed);
        }
        return new PracticeBench(of, more);
    }

    /** Oil does not give: what fills the chamber bends a rod at the next turn, in practice as in earnest. */
    private void bears(Deed deed) {
        double lies = standing().oilMl().getOrDefault(deed.cylinder(), 0.0);
        of.bench()
                .engine()
                .size()
                .geometry(of.bench().engine().assumedRatio())
                .map(g -> OIL_SHARE * g.clearance().millilitres())
                .filter(most -> lies + deed.oilMl() > most)
                .ifPresent(most -> {
                    throw InvalidInput.at(
                            "oilMl",
                            "so much oil locks the cylinder and bends its rod",
                            String.format(Locale.ROOT, "at most %.1f mL in all, and %.1f lie there", most, lies));
                });
    }

    /** How it stands now. */
    public Standing standing() {
        return standings.get(deeds.size());
    }

    /** How it stood before a deed. @param deed from 0 */
    Standing before(int deed) {
        return standings.get(deed);
    }

    /** What each deed showed, in order. */
    public List<Shown> shown() {
        List<Shown> all = new ArrayList<>();
        for (int i = 0; i < deeds.size(); i++) {
            all.add(shown(i));
        }
        return all;
    }

    private Shown shown(int i) {
        Deed deed = deeds.get(i);
        Standing before = before(i);
        double minutes = standings.get(i + 1).minutes() - before.minutes();
        return switch (deed.kind()) {
            case LOOK -> look(deed, minutes, before);
            case SMOKE -> smoke(deed, minutes, before);
            case BLOWBY -> blowby(deed, minutes);
            case PLUGS -> plugs(deed, minutes, before);
            case CRANK -> cranked(deed, minutes, before, attempt(i));
            case AIR -> aired(deed, minutes, before, attempt(i));
            case OIL_TRIAL -> oil(deed, minutes);
            case POUR_OIL ->
                Shown.only(deed, minutes, "The oil runs over the crown. It stays there until the engine has run.");
            case WARM_UP -> Shown.only(deed, minutes, "Plugs in, started, and run until it is warm.");
            case DRAIN_OIL ->
                Shown.only(
                        deed, minutes, "The oil is gone, and with it whatever could be seen in it or measured of it.");
        };
    }

    private int attempt(int i) {
        Deed deed = deeds.get(i);
        return 1
                + (int) deeds.subList(0, i).stream()
                        .filter(d -> d.kind() == deed.kind() && d.cylinder() == deed.cylinder())
                        .count();
    }

    // ---- looked at

    private Signs signs() {
        return whole.last(Examination.class, Examination.EMPTY).signs();
    }

    private Shown look(Deed deed, double minutes, Standing before) {
        Signs all = signs();
        Signs seen = new Signs(
                before.drained() ? null : all.oil(),
                all.coolant(),
                all.breather(),
                all.oilPressure(),
                all.leaks(),
                all.leaksContaminatedBy(),
                null,
                Optional.empty());
        String says = before.drained()
                ? "You look it over. Of the oil there is nothing left to see."
                : "You look it over, with a lamp. What you see stands under Oil & signs.";
        return seen(deed, minutes, says, Optional.of(seen), Optional.empty());
    }

    private Shown smoke(Deed deed, double minutes, Standing before) {
        Map<SmokeMoment, Smoke> watched = new HashMap<>(signs().smoke());
        if (before.started()) {
            watched.remove(SmokeMoment.START_AFTER_STANDING);
        }
        Signs seen = new Signs(null, null, null, null, null, Optional.empty(), watched, Optional.empty());
        String says = before.started()
                ? "It has run before: what its first start after standing would have shown, nobody knows now."
                : "You start it from cold and watch the exhaust. What you see stands under Smoke.";
        return seen(deed, minutes, says, Optional.of(seen), Optional.empty());
    }

    private Shown plugs(Deed deed, double minutes, Standing before) {
        PlugTray tray = whole.last(Examination.class, Examination.EMPTY).plugs();
        Map<Integer, Plug> plugs = new HashMap<>(tray.plugs());
        before.oilMl().keySet().forEach(c -> plugs.computeIfPresent(c, (n, plug) -> wet(plug)));
        String says = of.bench().engine().isDiesel()
                ? "The injectors are out. There are no plugs to read."
                : before.oilMl().isEmpty()
                        ? "All plugs are out, in the order of their cylinders. They stand under Plugs."
                        : "All plugs are out. Where you poured oil they are wet with it, and tell nothing of the engine.";
        return seen(deed, minutes, says, Optional.empty(), Optional.of(new PlugTray(tray.set(), plugs)));
    }

    private static Plug wet(Plug p) {
        return new Plug(
                p.shade(),
                p.ground(),
                p.deposit(),
                p.amount(),
                p.place(),
                p.side(),
                Optional.of(Wetness.WET_STAYS_OILY),
                p.surface(),
                p.gapMm(),
                p.wear(),
                p.damage(),
                p.tight(),
                p.thread(),
                p.well(),
                p.contaminatedBy());
    }

    private static Shown seen(Deed deed, double minutes, String says, Optional<Signs> signs, Optional<PlugTray> plugs) {
        return new Shown(
                deed, minutes, says, List.of(), List.of(), List.of(), 0, Optional.empty(), signs, plugs, List.of());
    }

    private Shown oil(Deed deed, double minutes) {
        List<Shown.Dip> dips =
                whole.all(OilEntry.class).stream().map(Shown.Dip::of).toList();
        String says = dips.isEmpty()
                ? "Its oil goes with the fuel: there is no level to keep a log of."
                : "The owner dips it for some weeks and pours in what it needs. The log stands under Oil use.";
        return new Shown(
                deed,
                minutes,
                says,
                List.of(),
                List.of(),
                List.of(),
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                dips);
    }

    // ---- measured

    private Shown blowby(Deed deed, double minutes) {
        List<BlowbyReading> read = whole.all(BlowbyReading.class);
        if (read.size() < 2) {
            return Shown.only(
                    deed, minutes, "The crankcase of this engine pumps or is its intake: its pressure says nothing.");
        }
        BlowbyReading idle = read.get(1);
        Shown.Crankcase shows = new Shown.Crankcase(
                read.get(0).pressure().pa(),
                idle.pressure().pa(),
                idle.orifice().map(BreatherOrifice::diameter).map(Length::mm).orElse(0.0));
        return new Shown(
                deed,
                minutes,
                "The manometer is on the dipstick tube, the engine idles.",
                List.of(),
                List.of(),
                List.of(),
                0,
                Optional.of(shows),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private Shown cranked(Deed deed, double minutes, Standing before, int attempt) {
        double oil = before.oilMl().getOrDefault(deed.cylinder(), 0.0);
        List<Double> strokes = of.bench()
                .crank(
                        deed.cylinder(),
                        new Cranking(before.hot(), deed.throttleOpen(), before.plugsOut(), oil, attempt));
        return new Shown(
                deed,
                minutes,
                before.plugsOut() ? "It turns freely." : "It turns slowly: the other plugs are in.",
                strokes,
                List.of(),
                List.of(),
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private Shown aired(Deed deed, double minutes, Standing before, int attempt) {
        double oil = before.oilMl().getOrDefault(deed.cylinder(), 0.0);
        Aired air = of.bench()
                .air(
                        deed.cylinder(),
                        new Airing(before.hot(), isWrongStroke(deed, attempt), deed.zeroed(), oil, attempt));
        Map<Place, LeakSound> sounds = new EnumMap<>(Place.class);
        air.flows().forEach((place, flow) -> sounds.put(place, LeakSound.of(place, flow)));
        return new Shown(
                deed,
                minutes,
                deed.stroke()
                        ? "You felt the air push as the piston rose, and turned it to the top."
                        : "You turned it to the top.",
                List.of(),
                List.of(air.supplyKPa(), air.cylinderKPa()),
                List.copyOf(sounds.values()),
                of.bench().opensInto(deed.cylinder()).orElse(0),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    /** Whether it stands with its valves open; nobody is told. */
    boolean isWrongStroke(Deed deed, int attempt) {
        return !deed.stroke()
                && of.bench().engine().cycle() == Cycle.FOUR_STROKE
                && Math.floorMod(of.key().hashCode() + 31 * deed.cylinder() + attempt, STROKES_OF_FOUR) == 0;
    }

    /** Cylinders into which air went on the wrong stroke, the last time that it did go in. */
    List<Integer> wrongStrokes() {
        Map<Integer, Boolean> last = new HashMap<>();
        for (int i = 0; i < deeds.size(); i++) {
            Deed deed = deeds.get(i);
            if (deed.kind() == DeedKind.AIR) {
                last.put(deed.cylinder(), isWrongStroke(deed, attempt(i)));
            }
        }
        return last.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }
}
