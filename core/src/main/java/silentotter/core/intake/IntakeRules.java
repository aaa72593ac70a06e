package silentotter.core.intake;

import static silentotter.core.fault.Fault.BEARINGS;
import static silentotter.core.fault.Fault.BROKEN;
import static silentotter.core.fault.Fault.CAM_TIMING;
import static silentotter.core.fault.Fault.COOLANT_ENTRY;
import static silentotter.core.fault.Fault.EVEN_WEAR;
import static silentotter.core.fault.Fault.GASKET_BETWEEN;
import static silentotter.core.fault.Fault.OIL_CONTROL;
import static silentotter.core.fault.Fault.RING_SEAL;
import static silentotter.core.fault.Fault.VALVE_HELD;
import static silentotter.core.fault.Fault.VENTILATION;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Rule;
import silentotter.core.finding.Weight;
import silentotter.core.intake.Intake.AirFilter;
import silentotter.core.intake.Intake.ComplaintKind;
import silentotter.core.intake.Intake.History;
import silentotter.core.intake.Intake.NoiseKind;
import silentotter.core.intake.Intake.NoiseMoment;

/** What is told of an engine, and what it makes likelier. Factors on the prior; trade practice. */
public final class IntakeRules {
    /** Name of the finding made of a stated weakness of the engine family. */
    /** What is told, and was not seen by anybody here. */
    public static final String SOURCE = "INTAKE";

    public static final String KNOWN_WEAKNESS = "known-weakness";

    private static final double QUARTER_YEAR_DAYS = 90;
    private static final double BEDDING_IN_HOURS = 25;
    private static final double SLOW_TO_FIRE_SECONDS = 5;

    private static final List<Rule<Intake>> TABLE = List.of(
            Rule.<Intake>of(
                            "overheated",
                            i -> i.had(History.OVERHEATED_ONCE),
                            "Gasket and head are likelier.",
                            "Overheated once: heads warp and gaskets lose their clamp.")
                    .pointsTo(3, COOLANT_ENTRY, GASKET_BETWEEN),
            Rule.<Intake>of(
                            "run-low",
                            i -> i.had(History.RUN_LOW_ONCE),
                            "Bearings and bores may have suffered.",
                            "Run low on oil once.")
                    .pointsTo(2, BEARINGS, EVEN_WEAR),
            Rule.<Intake>of(
                            "boost-raised",
                            i -> i.had(History.BOOST_RAISED) || i.had(History.MODIFIED),
                            "Broken ring lands are likelier.",
                            "Boost raised or modified: lands crack before anything else.")
                    .pointsTo(3, BROKEN),
            Rule.<Intake>of(
                            "hard-use",
                            i -> i.had(History.HARD_LOAD) || i.had(History.HIGH_SPEED),
                            "Wear and broken lands are somewhat likelier.",
                            "Used hard, by load or by speed.")
                    .pointsTo(1.5, EVEN_WEAR, BROKEN),
            Rule.<Intake>of(
                            "dust",
                            i -> i.had(History.BREATHED_DUST)
                                    || i.airFilter()
                                            .filter(f -> f == AirFilter.MISSING || f == AirFilter.DUCT_OPEN)
                                            .isPresent(),
                            "Even wear of rings and bores is likelier.",
                            "It breathed unfiltered air: dust laps rings and bores.")
                    .pointsTo(2, EVEN_WEAR),
            Rule.<Intake>of(
                            "long-intervals",
                            i -> i.had(History.LONG_OIL_INTERVALS),
                            "Stuck oil control rings are likelier.",
                            "Long oil intervals: deposits block the drain holes behind the ring.")
                    .pointsTo(2, OIL_CONTROL),
            Rule.<Intake>of(
                            "short-runs",
                            i -> i.had(History.SHORT_RUNS),
                            "Milky oil under the cap may be condensation; rings may stick.",
                            "Short runs never dry the oil out.")
                    .pointsTo(1.3, RING_SEAL, VENTILATION),
            Rule.<Intake>of(
                            "stood",
                            i -> i.stoodOver(QUARTER_YEAR_DAYS),
                            "Valves and rings may stick from standing.",
                            "It stood for more than a quarter of a year.")
                    .pointsTo(4, VALVE_HELD)
                    .toldApartBy("Turn it over, tap the valve, repeat: what recovers was dirt or sticking."),
            Rule.<Intake>of(
                            "salt",
                            i -> i.had(History.SALT_WATER),
                            "Valves held open by rust or salt are likelier.",
                            "Salt water about: seats and stems rust.")
                    .pointsTo(4, VALVE_HELD),
            Rule.<Intake>of(
                            "timing-work",
                            i -> i.had(History.BELT_OR_CHAIN_WORK),
                            "Cam timing may be off.",
                            "Belt or chain was worked on.")
                    .pointsTo(4, CAM_TIMING),
            Rule.<Intake>of(
                    "bedding-in",
                    i -> i.had(History.FRESHLY_BUILT) && i.hoursSinceBuilt().orElse(0.0) < BEDDING_IN_HOURS,
                    "Not bedded in yet: compression rises and oil use falls over the first hours.",
                    "Freshly built. Assembly oil smokes, fine iron in the oil is usual, rings still seat."),
            Rule.<Intake>of(
                            "slow-to-fire",
                            i -> i.secondsToFire().orElse(0.0) > SLOW_TO_FIRE_SECONDS,
                            "Slow to fire when cold.",
                            "Low compression does that, and so do fuel, spark and glow plugs.")
                    .pointsTo(1.3, RING_SEAL, EVEN_WEAR),
            Rule.<Intake>of(
                            "knock",
                            i -> i.noise().filter(n -> n == NoiseKind.KNOCK).isPresent()
                                    && i.noiseMoment()
                                            .filter(m -> m != NoiseMoment.COLD)
                                            .isPresent(),
                            "A knock that stays warm can end the job before any seal test.",
                            "A knock when warm or under load: bearings first, then pistons.")
                    .pointsTo(4, BEARINGS)
                    .toldApartBy("Oil pressure hot at speed; cut the filter open; cut out one cylinder at a time.")
                    .stopsRunning(),
            Rule.<Intake>of(
                            "cold-slap",
                            i -> i.noise()
                                            .filter(n -> n == NoiseKind.SLAP || n == NoiseKind.KNOCK)
                                            .isPresent()
                                    && i.noiseMoment()
                                            .filter(m -> m == NoiseMoment.COLD)
                                            .isPresent(),
                            "Pistons may be loose in their bores.",
                            "A slap that goes as it warms: skirt clearance.")
                    .pointsTo(2, EVEN_WEAR),
            Rule.<Intake>of(
                            "breather-oil",
                            i -> i.complains(ComplaintKind.OIL_FROM_BREATHER),
                            "Blow-by is heavy, or the ventilation is blocked.",
                            "Oil is thrown from the breather.")
                    .pointsTo(2.5, RING_SEAL, EVEN_WEAR, BROKEN, VENTILATION)
                    .toldApartBy("Crankcase pressure as found, then through the orifice with the ventilation shut."));

    private IntakeRules() {}

    /** Every line of the table, to be reviewed. */
    public static List<Finding> lines() {
        return TABLE.stream().map(Rule::line).toList();
    }

    /** Everything that the intake says. */
    public static List<Finding> read(Intake intake) {
        List<Finding> result = new ArrayList<>();
        TABLE.forEach(r -> r.about(intake, SOURCE, List.of()).ifPresent(result::add));
        weakness(intake).ifPresent(result::add);
        return result;
    }

    private static Optional<Finding> weakness(Intake intake) {
        return intake.weakness()
                .flatMap(w -> w.suspect()
                        .map(suspect -> Finding.of(
                                        KNOWN_WEAKNESS,
                                        SOURCE,
                                        List.of(),
                                        "This family is known for it: " + suspect.words() + ".",
                                        "Stated as a prior, " + w.source().orElse("source not given")
                                                + ". Read the verdict without it too.")
                                .pointing(Weight.of(w.factor()), List.of(suspect))));
    }
}
