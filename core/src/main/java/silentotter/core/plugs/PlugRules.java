package silentotter.core.plugs;

import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.COOLANT_ENTRY;
import static silentotter.core.fault.Fault.DUTY;
import static silentotter.core.fault.Fault.EVEN_WEAR;
import static silentotter.core.fault.Fault.EXHAUST_WATER;
import static silentotter.core.fault.Fault.IGNITION;
import static silentotter.core.fault.Fault.KNOCK;
import static silentotter.core.fault.Fault.LEAN;
import static silentotter.core.fault.Fault.MIXTURE_OIL;
import static silentotter.core.fault.Fault.OIL_CONTROL;
import static silentotter.core.fault.Fault.OUTSIDE_LEAK;
import static silentotter.core.fault.Fault.PLUG;
import static silentotter.core.fault.Fault.RICH;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.STEM_SEAL;
import static silentotter.core.fault.Fault.VENTILATION;

import java.util.List;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.intake.Intake.History;
import silentotter.core.plugs.Plug.Damage;
import silentotter.core.plugs.Plug.ElectrodeWear;
import silentotter.core.plugs.Plug.NoseSurface;

/** What one plug says: one line a pattern, with its reason. Judgement values from trade practice. */
public final class PlugRules {
    /** Growth beyond this many times the ordinary one is wear that heat or a lean mixture made. */
    static final double MUCH_FASTER = 3;

    static final List<Rule<PlugSeen>> TABLE = List.of(
            Rule.<PlugSeen>of(
                            "plug-sound",
                            p -> p.look(PlugLook.TAN)
                                    && !p.plug().loose()
                                    && !p.plug().has(Thread.OILY),
                            "Burns as it should.",
                            "Light to mid tan, dry, nothing on it.")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-pale-injected",
                            p -> p.look(PlugLook.PALE)
                                    && p.injected()
                                    && !p.plug().has(NoseSurface.BLISTERED)
                                    && !p.growsFasterThan(MUCH_FASTER),
                            "Pale, as injected engines are.",
                            "Injected engines read paler; without blisters or fast gap growth that is no finding.")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-hot",
                            p -> p.look(PlugLook.PALE)
                                    && (p.plug().has(NoseSurface.BLISTERED) || p.growsFasterThan(MUCH_FASTER)),
                            "Runs hot here: lean, early spark, or too hot a plug.",
                            "Grey to white with blisters or a gap that grows fast.")
                    .pointsTo(3, LEAN)
                    .toldApartBy("Air leak by spray or smoke, fuel pressure, timing, then the heat range.")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-pale",
                            p -> p.look(PlugLook.PALE)
                                    && !p.injected()
                                    && !p.plug().has(NoseSurface.BLISTERED)
                                    && !p.growsFasterThan(MUCH_FASTER),
                            "Leans to a lean mixture, weakly.",
                            "Grey to white, but smooth and with an ordinary gap. Light and fuel change the shade.")
                    .pointsTo(1.3, LEAN)
                    .toldApartBy("Compare with a new plug in daylight; look for blisters.")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-soot-duty",
                            p -> p.look(PlugLook.SOOT) && p.idled() && !p.alone(),
                            "Soot from idling and short runs: run it warm under load, then look again.",
                            "Dry soft black on all, and it idles a lot.")
                    .pointsTo(1.3, DUTY)
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-soot",
                            p -> p.look(PlugLook.SOOT) && (!p.idled() || p.alone()),
                            "Rich, weak spark, a dirty air filter, or too cold a plug.",
                            "Dry soft black that wipes off.")
                    .pointsTo(1.6, RICH, IGNITION)
                    .toldApartBy("Swap the coil or lead with a neighbour; does the soot go with it?")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-fuel-wet",
                            p -> p.look(PlugLook.FUEL_WET),
                            "Fuel was not burnt: flooded, no spark, or too little compression.",
                            "Wet, and it goes on rubbing.")
                    .pointsTo(3, IGNITION, RICH)
                    .toldApartBy("Spark first, then compression of this cylinder."),
            Rule.of(
                    "plug-wet-not-rubbed",
                    p -> p.look(PlugLook.WET),
                    "Wet: rub it between two fingers.",
                    "Fuel goes on rubbing, oil stays; without the rub it says nothing."),
            Rule.<PlugSeen>of(
                            "plug-oil-wet",
                            p -> p.look(PlugLook.OIL_WET) && !p.twoStroke(),
                            "Oil reaches this chamber: rings, stem seal or guide, or the ventilation.",
                            "Wet with oil, and it stays on rubbing.")
                    .pointsTo(5, OIL_CONTROL, RING_SEAL, STEM_SEAL)
                    .toldApartBy("Camera on the valve back; compression wet; run with the ventilation led away."),
            Rule.<PlugSeen>of(
                            "plug-oil-wet-mixture",
                            p -> p.look(PlugLook.OIL_WET) && p.twoStroke(),
                            "Oil from the mixture: too much, too little load, or cold running.",
                            "A two-stroke burns its oil; wet plugs are mixture first.")
                    .pointsTo(4, MIXTURE_OIL)
                    .toldApartBy("Mixing ratio, then crankcase hold: a leaking seal on the gearbox side sucks oil."),
            Rule.<PlugSeen>of(
                            "plug-ash-additive",
                            p -> p.look(PlugLook.ASH) && p.intake().had(History.FUEL_ADDITIVE),
                            "Ash that a fuel additive may have left.",
                            "Pale crusty ash, and an additive was in the fuel.")
                    .pointsTo(1.3, OIL_CONTROL, STEM_SEAL)
                    .toldApartBy("Clean or change the plugs, run without the additive, look again."),
            Rule.<PlugSeen>of(
                            "plug-ash",
                            p -> p.look(PlugLook.ASH) && !p.intake().had(History.FUEL_ADDITIVE),
                            "Oil has been burnt here for long.",
                            "Pale crusty ash is what oil additives leave. Pale ash alone is not coolant.")
                    .pointsTo(3, OIL_CONTROL, STEM_SEAL)
                    .toldApartBy("Was an additive in the fuel? Coolant washes clean and stains; ash crusts."),
            Rule.<PlugSeen>of(
                            "plug-ash-heaviest",
                            p -> p.look(PlugLook.ASH) && p.heaviest(),
                            "Much more ash here than on its sisters: the oil gets in here.",
                            "What all share leaves as much on each; this one has its own.")
                    .pointsTo(4, OIL_CONTROL, STEM_SEAL)
                    .rarer(0.6, VENTILATION, EVEN_WEAR)
                    .toldApartBy("Camera on crown and valve backs of this cylinder."),
            Rule.<PlugSeen>of(
                            "plug-one-sided",
                            p -> p.plug().has(DepositSide.INTAKE_SIDE)
                                    && (p.look(PlugLook.ASH) || p.look(PlugLook.OIL_WET)),
                            "Leans to oil from the intake side.",
                            "The deposit lies on one side, towards the intake valve. Weak: which side faced where is easily lost.")
                    .pointsTo(1.7, STEM_SEAL)
                    .toldApartBy("Camera on the back of the intake valve.")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-washed",
                            p -> p.look(PlugLook.WASHED) && !p.wetExhaust(),
                            "Water in this cylinder.",
                            "Steam-cleaned, rusty, or with a white-green stain.")
                    .pointsTo(5, COOLANT_ENTRY)
                    .toldApartBy("Pressure test of the coolant with a camera in this cylinder."),
            Rule.<PlugSeen>of(
                            "plug-washed-wet-exhaust",
                            p -> p.look(PlugLook.WASHED) && p.wetExhaust(),
                            "Water in this cylinder, from the coolant or back through the wet exhaust.",
                            "Steam-cleaned, rusty, or with a white-green stain, on an engine with a wet exhaust.")
                    .pointsTo(5, COOLANT_ENTRY, EXHAUST_WATER)
                    .toldApartBy("Salt or raw water against coolant; is the cylinder next to the riser?"),
            Rule.<PlugSeen>of(
                            "plug-specks",
                            p -> p.look(PlugLook.SPECKS),
                            "Aluminium on the plug: a piston is giving way. Stop running it.",
                            "Grey metal specks, dry.")
                    .pointsTo(8, BROKEN)
                    .toldApartBy("Camera on the crown.")
                    .stopsRunning(),
            Rule.<PlugSeen>of(
                            "plug-bridged",
                            p -> p.look(PlugLook.BRIDGED),
                            "Deposits broke loose and closed the gap: it missed for that.",
                            "The gap is bridged.")
                    .pointsTo(1.3, PLUG)
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-melted",
                            p -> p.plug().has(ElectrodeWear.MELTED),
                            "Far too hot: no load until it is found.",
                            "A melted electrode is one step from a holed piston.")
                    .pointsTo(6, LEAN, KNOCK)
                    .toldApartBy("Fuel delivery, air leak, timing, heat range.")
                    .stopsRunning(),
            Rule.<PlugSeen>of(
                            "plug-broken",
                            p -> p.plug().has(Damage.BROKEN_INSULATOR),
                            "Knock, or the plug was knocked.",
                            "The insulator is broken. Where is the piece?")
                    .pointsTo(4, KNOCK)
                    .toldApartBy(
                            "Was it dropped or the socket tilted? PlugLook at the crown for the piece and for pitting.")
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-worn-fast",
                            p -> p.growsFasterThan(MUCH_FASTER) && !p.look(PlugLook.PALE),
                            "The gap grew much faster than ordinary: heat or a lean mixture.",
                            "More than three times the ordinary growth.")
                    .pointsTo(2, LEAN)
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-worn",
                            p -> p.plug().has(ElectrodeWear.ROUNDED) && !p.growsFasterThan(MUCH_FASTER),
                            "Worn: change it.",
                            "Rounded electrodes need more voltage; growth of the gap is ordinary or not known.")
                    .pointsTo(1.3, PLUG)
                    .fullReadingOnly(),
            Rule.<PlugSeen>of(
                            "plug-loose",
                            p -> p.plug().loose() || p.plug().has(Thread.SOOTED),
                            "It leaked past its seat: distrust its colour, and this cylinder's compression with it in.",
                            "Not tight, or soot on the thread.")
                    .pointsTo(1.3, PLUG)
                    .toldApartBy("Clean the seat, tighten to the figure, run, look again."),
            Rule.<PlugSeen>of(
                            "plug-oily-thread",
                            p -> (p.plug().has(Thread.OILY)
                                            || p.plug()
                                                    .well()
                                                    .filter(w -> w == Well.OIL)
                                                    .isPresent())
                                    && !p.look(PlugLook.OIL_WET),
                            "The well leaked when the plug came out: cover gasket or tube seal, not rings.",
                            "Oil on the thread or in the well, the nose dry.")
                    .pointsTo(2, OUTSIDE_LEAK)
                    .toldApartBy("Dry the well, wait, look again with the plug in."),
            Rule.<PlugSeen>of(
                            "plug-oily-thread-and-nose",
                            p -> p.plug().has(Thread.OILY) && p.look(PlugLook.OIL_WET),
                            "Oil on thread and nose: some of it may have run in from the well.",
                            "Both are wet; only what burnt on came from inside.")
                    .pointsTo(0.6, OIL_CONTROL, STEM_SEAL, VENTILATION)
                    .toldApartBy("Camera: is the crown wet?"));

    private PlugRules() {}

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return TABLE.stream().map(Rule::line).toList();
    }
}
