package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.util.FastMath;
import org.jspecify.annotations.Nullable;
import silentotter.core.blowby.BlowbyAnalysis;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.blowby.PointResult;
import silentotter.core.compression.CompressionAnalysis;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.Conditions;
import silentotter.core.compression.Conditions.EngineTemperature;
import silentotter.core.compression.CrankingConditions;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.CylinderValue;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.Bank;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Traits.Cooling;
import silentotter.core.engine.Traits.Fuel;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Circumstance;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.Learnt.Instrument;
import silentotter.core.fault.PriorTable;
import silentotter.core.finding.ReadingFault;
import silentotter.core.finding.ReadingFaultKind;
import silentotter.core.finding.Shop;
import silentotter.core.flow.TwoHoles;
import silentotter.core.inference.AtHand;
import silentotter.core.inference.GaugeCurve;
import silentotter.core.inference.PercentCurve;
import silentotter.core.inference.SealCase;
import silentotter.core.inference.SealCase.Look;
import silentotter.core.instruments.LeakdownTester;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.DoneBefore;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.LeakdownReading.RunState;
import silentotter.core.leakdown.Place;
import silentotter.core.oil.AxisResult;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.oil.OilFaultKind;
import silentotter.core.plugs.Plug;
import silentotter.core.plugs.PlugLook;
import silentotter.core.plugs.PlugReading;
import silentotter.core.plugs.PlugSchool;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.quantity.Volume;
import silentotter.core.signs.Signs;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CylinderGeometry;
import silentotter.core.twin.WetArtefact;
import silentotter.core.wording.Say;

/**
 * Reads a job as the model takes it. What is not known of the engine stands on a stated usual value and widens; it never
 * silences a reading.
 */
final class SealCases {
    private static final double LEVEL_LN_SIGMA = .13;
    private static final double RATIO_UNKNOWN = .15;
    private static final double SIZE_UNKNOWN = .10;
    private static final double RELEASE_FITTED = .45;
    private static final double STATIC_SPEED_KNOWN = .30;
    private static final double STATIC_SPEED_UNKNOWN = .45;
    private static final double STATIC_SIZE_UNKNOWN = .35;
    private static final double TESTER_CALIBRATED = .04;
    private static final double TESTER_STATED = .15;
    private static final double TESTER_UNKNOWN = .8;
    private static final double TESTER_PRESSURE = .10;
    /** Readings that are not comparable are worth less, one standard deviation as a share. */
    private static final double UNEQUAL = .07;

    private static final double LEAST_KPA = 3;
    private static final double USUAL_DOSE_ML = 5;
    /** Most of the clearance volume: beyond it oil would lock the engine rather than raise a reading. */
    private static final double MOST_OIL = .9;

    private static final double USUAL_KM_AN_HOUR = 50;
    /** What lies in a log and leaves a rate, if a rougher one: a dip that is off, a top-up that nobody wrote down. */
    private static final Set<OilFaultKind> STILL_A_RATE = Set.of(OilFaultKind.DIP_OFF, OilFaultKind.UNLOGGED_TOP_UP);

    private static final double DOUBTED_LOG = .3;
    private static final double SMALLEST_PA = 6;
    private static final double NINETY_FIVE = 1.96;

    private static final double FLOW_PETROL_IDLE = 10;
    private static final double FLOW_DIESEL_IDLE = 25;
    private static final double FLOW_FULL_LOAD = 43;

    private final JobRecord record;
    private final Engine engine;
    private final Shop shop;
    private final Results results;
    private final List<Assumption> assumed = new ArrayList<>();
    private final int n;
    private final CylinderGeometry geometry;
    private final boolean sizeKnown;
    private final boolean ratioKnown;

    private SealCases(JobRecord record, Shop shop, Results results) {
        this.record = record;
        this.engine = record.engine();
        this.shop = shop;
        this.results = results;
        n = engine.arrangement().count();
        sizeKnown = engine.size().bore().isPresent() && engine.size().stroke().isPresent();
        ratioKnown = engine.size().compressionRatio().isPresent();
        geometry = engine.size().geometry(engine.assumedRatio()).orElseGet(this::usualSize);
    }

    /** What was read, and what was assumed for it. */
    record Read(SealCase seal, List<Assumption> assumed) {}

    static Read read(JobRecord record, Shop shop, Results results) {
        SealCases reader = new SealCases(record, shop, results);
        SealCase seal = reader.seal();
        return new Read(seal, List.copyOf(reader.assumed));
    }

    /** The instruments that a test still to be done would be done with. */
    static AtHand atHand(JobRecord record, Shop shop, Results results) {
        return new SealCases(record, shop, results).atHand();
    }

    private AtHand atHand() {
        Conditions conditions = conditions();
        CrankingSetup setup = CrankingConditions.setup(engine, geometry, record.ambient(), conditions);
        boolean mayBeOiled = engine.arrangement().cylinders().stream()
                .anyMatch(c -> EngineKind.of(engine) == EngineKind.PETROL
                        && CompressionAnalyst.wetRefusal(engine, c).isEmpty());
        double dose = Math.min(USUAL_DOSE_ML, WetArtefact.safeOil(geometry).millilitres());
        GaugeCurve[] poured = !mayBeOiled
                ? new GaugeCurve[0]
                : Arrays.stream(SealCase.RETENTION)
                        .mapToObj(r -> shop.gauges()
                                .apply(setup.withGeometry(geometry.withClearance(Volume.ofMillilitres(
                                        geometry.clearance().millilitres() - r * dose)))))
                        .toArray(GaugeCurve[]::new);
        Optional<LeakdownTester> last = record.all(LeakdownReading.class).stream()
                .map(LeakdownReading::tester)
                .reduce((a, b) -> b);
        Optional<TwoHoles> holes = last.flatMap(t -> t.holes(record.ambient().pressure()));
        return new AtHand(
                shop.gauges().apply(setup),
                poured,
                Math.hypot(
                        conditions.crankingSpeed().isPresent() ? STATIC_SPEED_KNOWN : STATIC_SPEED_UNKNOWN,
                        ratioKnown && sizeKnown ? 0 : STATIC_SIZE_UNKNOWN),
                PercentCurve.of(
                        holes.orElseGet(() -> LeakdownTester.MASTER
                                .holes(record.ambient().pressure())
                                .orElseThrow()),
                        geometry.bore().mm()),
                Math.hypot(TESTER_STATED, TESTER_PRESSURE),
                engine.isDiesel() ? FLOW_DIESEL_IDLE : FLOW_PETROL_IDLE,
                conditions
                        .temperature()
                        .filter(t -> t == EngineTemperature.COLD)
                        .isEmpty());
    }

    private SealCase seal() {
        return new SealCase(
                body(),
                priors(),
                compression(),
                leakdown(),
                plugs(),
                blowby(),
                oilUse(),
                signs(),
                JudgedFindings.of(results.findings(), results.intake()));
    }

    /** A usual cylinder for the fuel: 84 by 84 mm petrol, 100 by 112 mm diesel, 66 by 60 mm two-stroke. */
    private CylinderGeometry usualSize() {
        double[] usual = switch (EngineKind.of(engine)) {
            case PETROL -> new double[] {84, 84};
            case DIESEL -> new double[] {100, 112};
            case TWO_STROKE -> new double[] {66, 60};
        };
        Length bore = engine.size().bore().orElse(Length.ofMm(usual[0]));
        Length stroke = engine.size().stroke().orElse(Length.ofMm(usual[1]));
        return CylinderGeometry.of(
                bore, stroke, engine.size().compressionRatio().orElse(engine.assumedRatio()));
    }

    private SealCase.Body body() {
        Arrangement arrangement = engine.arrangement();
        int[] order = new int[n];
        boolean[] joined = new boolean[Math.max(0, n - 1)];
        int at = 0;
        for (Bank bank : arrangement.banks()) {
            for (int i = 0; i < bank.cylinders().size(); i++) {
                if (i > 0) {
                    joined[at - 1] = true;
                }
                order[at++] = bank.cylinders().get(i).value() - 1;
            }
        }
        return new SealCase.Body(
                EngineKind.of(engine),
                order,
                joined,
                geometry.bore().mm() / GaugeCurve.BORE_MM,
                n * geometry.swept().millilitres() / 1000);
    }

    private double[] priors() {
        List<Circumstance> so = new ArrayList<>();
        List<Cause> not = new ArrayList<>();
        if (engine.traits().fuel().filter(f -> f == Fuel.GAS).isPresent()) {
            so.add(Circumstance.GAS_FUEL);
        }
        if (engine.traits().cooling().filter(c -> c == Cooling.AIR).isPresent()) {
            so.add(Circumstance.AIR_COOLED);
            not.add(Cause.WATER);
        }
        if (!engine.hasWetExhaust()) {
            not.add(Cause.EXHAUST_WATER);
        }
        if (conditions().throttleShut()) {
            so.add(Circumstance.THROTTLE_SHUT);
        }
        if (conditions().isReleased(engine)) {
            so.add(Circumstance.RELEASE_FITTED);
        }
        return shop.learnt()
                .moved(EngineKind.of(engine), engine.family(), PriorTable.of(EngineKind.of(engine), so, not));
    }

    private Conditions conditions() {
        return CompressionAnalyst.dryConditions(record.all(CompressionPass.class));
    }

    private SealCase.@Nullable Compression compression() {
        CompressionAnalysis analysis = results.compression();
        double[] ln = new double[n];
        double[] sigma = new double[n];
        int[] attempts = new int[n];
        boolean[] floor = new boolean[n];
        Arrays.fill(ln, Double.NaN);
        Arrays.fill(attempts, 1);
        Conditions conditions = conditions();
        double division = conditions.gauge().division().map(Pressure::kPa).orElse(20.0) / 4;
        boolean hot = isHot(conditions);
        analysis.cylinders().forEach((c, result) -> {
            Optional<CylinderValue> value = result.value();
            if (value.isPresent() && !isAskedAbout(c)) {
                double kPa = Math.max(LEAST_KPA, value.get().value().kPa());
                int i = c.value() - 1;
                ln[i] = FastMath.log(kPa);
                double repeats = shop.learnt().noise(Instrument.COMPRESSION)
                        * StartingNoise.compression(hot)
                        / Math.sqrt(value.get().attempts());
                sigma[i] = Math.hypot(Math.hypot(repeats, division / kPa), unequal(c) ? UNEQUAL : 0);
                // Repeats that differ tell that something slipped, not that nothing did.
                attempts[i] = unequal(c) ? 1 : value.get().attempts();
                floor[i] = value.get().floor();
            }
        });
        if (Arrays.stream(ln).allMatch(Double::isNaN)) {
            return null;
        }
        CrankingSetup setup = CrankingConditions.setup(engine, geometry, record.ambient(), conditions);
        double level = LEVEL_LN_SIGMA;
        double stat = conditions.crankingSpeed().isPresent() ? STATIC_SPEED_KNOWN : STATIC_SPEED_UNKNOWN;
        if (!ratioKnown || !sizeKnown) {
            stat = Math.hypot(stat, STATIC_SIZE_UNKNOWN);
        }
        level = Math.hypot(level, ratioKnown ? 0 : RATIO_UNKNOWN);
        level = Math.hypot(level, sizeKnown ? 0 : SIZE_UNKNOWN);
        level = Math.hypot(level, conditions.isReleased(engine) ? RELEASE_FITTED : 0);
        assumeForCompression(conditions);
        return new SealCase.Compression(
                ln,
                sigma,
                attempts,
                floor,
                hot,
                level,
                stat,
                conditions.throttleShut(),
                shop.gauges().apply(setup),
                wet(setup, ln));
    }

    private static boolean isHot(Conditions conditions) {
        return conditions.temperature().filter(t -> t != EngineTemperature.COLD).isPresent();
    }

    /** While somebody has to say what was meant, nothing is read into a figure. */
    private boolean isAskedAbout(CylinderNumber c) {
        return results.compression().undermining(c).stream()
                .map(ReadingFault::kind)
                .anyMatch(k -> k == ReadingFaultKind.UNIT_DOUBTED
                        || k == ReadingFaultKind.DECIMAL_DOUBTED
                        || k == ReadingFaultKind.STROKES_DOUBTED);
    }

    private boolean unequal(CylinderNumber c) {
        return results.compression().undermining(c).stream()
                .map(ReadingFault::kind)
                .anyMatch(k -> k == ReadingFaultKind.UNEQUAL_STROKES
                        || k == ReadingFaultKind.FALLING_IN_ORDER
                        || k == ReadingFaultKind.REPEATS_DIFFER);
    }

    private void assumeForCompression(Conditions conditions) {
        assumeSize();
        if (!ratioKnown) {
            assume(
                    "Compression ratio",
                    String.format(java.util.Locale.ROOT, "%.1f:1", geometry.compressionRatio()),
                    "the level of all says little");
        }
        if (conditions.crankingSpeed().isEmpty()) {
            assume("Cranking speed", "about 220 rpm", "a leak weighs more on a slow starter, so sizes are wider");
        }
        if (!record.ambient().isKnown()) {
            assume("Altitude", "sea level", "a kilometre up all cylinders read a tenth lower");
        }
    }

    private void assumeSize() {
        if (!sizeKnown) {
            assume(
                    "Bore and stroke",
                    "a usual cylinder of " + Say.length(geometry.bore()) + " by " + Say.length(geometry.stroke()),
                    "areas are good to a factor of two");
        }
    }

    private void assume(String what, String instead, String costs) {
        if (assumed.stream().noneMatch(a -> a.what().equals(what))) {
            assumed.add(new Assumption(what, instead, costs));
        }
    }

    private SealCase.@Nullable Wet @Nullable [] wet(CrankingSetup setup, double[] ln) {
        List<CompressionPass> passes = record.all(CompressionPass.class).stream()
                .filter(p -> p.kind() == PassKind.WET)
                .toList();
        if (passes.isEmpty() || EngineKind.of(engine) != EngineKind.PETROL) {
            return null;
        }
        SealCase.Wet[] wet = new SealCase.Wet[n];
        boolean any = false;
        Optional<Double> control = sizeKnown && ratioKnown ? Optional.empty() : controlRise();
        for (CylinderNumber c : engine.arrangement().cylinders()) {
            int i = c.value() - 1;
            Optional<CompressionReading> last =
                    passes.stream().flatMap(p -> p.of(c).stream()).reduce((a, b) -> b);
            if (last.isEmpty()
                    || Double.isNaN(ln[i])
                    || CompressionAnalyst.wetRefusal(engine, c).isPresent()) {
                continue;
            }
            double oil = passes.stream()
                    .flatMap(p -> p.readings().stream())
                    .filter(r -> r.cylinder().equals(c))
                    .mapToDouble(r -> r.oil().map(Volume::millilitres).orElse(0.0))
                    .sum();
            double clearance = geometry.clearance().millilitres();
            if (oil <= 0 || oil > MOST_OIL * clearance) {
                continue;
            }
            double rise = Math.max(LEAST_KPA, last.get().value().kPa()) / FastMath.exp(ln[i]) - 1;
            GaugeCurve[] curves = new GaugeCurve[SealCase.RETENTION.length];
            if (control.isPresent()) {
                // How much the oil does by its volume alone, a sister of the same size shows.
                Arrays.fill(curves, shop.gauges().apply(setup));
                wet[i] = new SealCase.Wet((1 + rise) / (1 + control.get()) - 1, SealCase.Wet.MEASURED_ARTEFACT, curves);
                any = true;
                continue;
            }
            for (int r = 0; r < curves.length; r++) {
                double left = clearance - SealCase.RETENTION[r] * oil;
                curves[r] = shop.gauges().apply(setup.withGeometry(geometry.withClearance(Volume.ofMillilitres(left))));
            }
            wet[i] = new SealCase.Wet(rise, SealCase.Wet.COMPUTED_ARTEFACT, curves);
            any = true;
        }
        return any ? wet : null;
    }

    /** The rise of a level cylinder that was wet-tested as control, where the size of the engine cannot tell it. */
    private Optional<Double> controlRise() {
        return results.compression().wet().stream()
                .filter(w -> results.compression().cylinders().get(w.cylinder()).standing() == Standing.LEVEL)
                .map(w -> w.risePercent() / 100)
                .findFirst();
    }

    private SealCase.@Nullable Leakdown leakdown() {
        double[] percent = new double[n];
        Arrays.fill(percent, Double.NaN);
        double[] sigma = new double[n];
        PercentCurve[] curves = new PercentCurve[n];
        int[][] heard = new int[n][Place.values().length];
        int[] towards = new int[n];
        SealCase.Tapped[] tapped = new SealCase.Tapped[n];
        double share = 0;
        double bias = 0;
        Map<TwoHoles, PercentCurve> known = new LinkedHashMap<>();
        for (CylinderNumber c : engine.arrangement().cylinders()) {
            int i = c.value() - 1;
            towards[i] = -1;
            tapped[i] = SealCase.Tapped.NOT_DONE;
            heard[i] = new int[SealCase.PLACES];
            Arrays.fill(heard[i], -1);
            List<LeakdownReading> attempts = attempts(c);
            if (attempts.isEmpty()) {
                continue;
            }
            tapped[i] = tapped(attempts);
            LeakdownReading judged = attempts.get(attempts.size() - (tapped[i] == SealCase.Tapped.NOT_DONE ? 1 : 2));
            boolean hot = judged.state().filter(s -> s == RunState.HOT).isPresent();
            boolean warm = judged.state().filter(s -> s == RunState.WARM).isPresent();
            percent[i] = Math.max(0, Math.min(100, judged.percent()));
            double repeats = shop.learnt().noise(Instrument.LEAKDOWN) * StartingNoise.leakdown(hot, warm);
            sigma[i] = Math.hypot(Math.hypot(repeats, 1), judged.tester().resolutionPoints() / 2);
            share = Math.max(share, hot ? .05 : warm ? .07 : .10);
            Optional<TwoHoles> holes = judged.tester().holes(record.ambient().pressure());
            bias = Math.max(
                    bias,
                    holes.isEmpty()
                            ? TESTER_UNKNOWN
                            : judged.tester().calibrated()
                                    ? TESTER_CALIBRATED * judged.tester().ofOneCheck()
                                    : TESTER_STATED);
            if (holes.isEmpty()) {
                assume(
                        "The tester's orifice or supply",
                        "a usual one of 1 mm at 690 kPa",
                        "its per cent rank cylinders and hardly measure: read a bleed hole");
            }
            TwoHoles tester = holes.orElseGet(() ->
                    LeakdownTester.MASTER.holes(record.ambient().pressure()).orElseThrow());
            curves[i] = known.computeIfAbsent(
                    tester, t -> PercentCurve.of(t, geometry.bore().mm()));
            listen(judged, heard[i]);
            towards[i] = heardTowards(judged);
        }
        if (Arrays.stream(percent).allMatch(Double::isNaN)) {
            return null;
        }
        assumeSize();
        return new SealCase.Leakdown(
                percent, sigma, share, Math.hypot(bias, TESTER_PRESSURE), curves, heard, towards, tapped);
    }

    private List<LeakdownReading> attempts(CylinderNumber c) {
        return record.all(LeakdownReading.class).stream()
                .filter(r -> r.counts()
                        && r.kind() == LeakdownKind.STANDARD
                        && r.cylinder().equals(c))
                .sorted(java.util.Comparator.comparingInt(LeakdownReading::order))
                .toList();
    }

    private static SealCase.Tapped tapped(List<LeakdownReading> attempts) {
        if (attempts.size() < 2) {
            return SealCase.Tapped.NOT_DONE;
        }
        LeakdownReading last = attempts.get(attempts.size() - 1);
        LeakdownReading before = attempts.get(attempts.size() - 2);
        boolean moved = last.doneBefore()
                .filter(d -> d == DoneBefore.VALVE_TAPPED || d == DoneBefore.TURNED_OVER)
                .isPresent();
        if (!moved) {
            return SealCase.Tapped.NOT_DONE;
        }
        return !last.differsFrom(before)
                ? SealCase.Tapped.UNCHANGED
                : last.percent() < before.percent() ? SealCase.Tapped.CAME_BACK : SealCase.Tapped.WORSE;
    }

    private static final Map<Place, Integer> PLACES =
            Map.of(Place.INTAKE, 0, Place.EXHAUST, 1, Place.CRANKCASE, 2, Place.COOLANT, 3);

    private static void listen(LeakdownReading reading, int[] into) {
        reading.heard().forEach((place, heard) -> {
            Integer at = PLACES.get(place);
            if (at != null && heard != Heard.CANNOT_BE_REACHED) {
                into[at] = loudness(heard);
            }
        });
        reading.neighbours().forEach((c, heard) -> {
            // A sound at a neighbour's hole may come by the manifold: only where that was excluded does it name the
            // gasket.
            boolean quiet = heard == Heard.NOTHING;
            if (heard != Heard.CANNOT_BE_REACHED && (quiet || reading.excluded().contains(c))) {
                into[SealCase.NEIGHBOUR] = Math.max(into[SealCase.NEIGHBOUR], loudness(heard));
            }
        });
    }

    private static int heardTowards(LeakdownReading reading) {
        return reading.neighbours().entrySet().stream()
                .filter(e -> e.getValue().compareTo(Heard.FAINT) >= 0
                        && reading.excluded().contains(e.getKey()))
                .max(Map.Entry.comparingByValue())
                .map(e -> e.getKey().value() - 1)
                .orElse(-1);
    }

    private static int loudness(Heard heard) {
        return heard.ordinal() - Heard.NOTHING.ordinal();
    }

    private SealCase.@Nullable Plugs plugs() {
        PlugReading plugs = results.plugs();
        boolean full = shop.choice(PlugSchool.class, PlugSchool.FULL_READING) == PlugSchool.FULL_READING;
        Map<Integer, Plug> tray = results.examination().plugs().plugs();
        Look[] looks = new Look[n];
        plugs.looks().forEach((c, look) -> {
            Plug plug = tray.get(c.value());
            if (plug != null && plug.contaminatedBy().isEmpty() && c.value() <= n) {
                looks[c.value() - 1] = look(look, plug, full);
            }
        });
        return Arrays.stream(looks).allMatch(l -> l == null) ? null : new SealCase.Plugs(looks);
    }

    private @Nullable Look look(PlugLook look, Plug plug, boolean full) {
        boolean twoStroke = engine.cycle() == Cycle.TWO_STROKE;
        boolean additive = results.intake().had(silentotter.core.intake.Intake.History.FUEL_ADDITIVE);
        Look seen = switch (look) {
            case SPECKS -> Look.SPECKS;
            // Back past a wet exhaust or from the coolant: the rule weighs both alike.
            case WASHED -> engine.hasWetExhaust() ? null : Look.STEAM;
            // A two-stroke burns its oil: wet plugs are mixture first.
            case OIL_WET -> twoStroke ? null : plug.isOneSided() ? Look.ONE_SIDED : Look.OIL_WET;
            case ASH -> additive ? null : plug.isOneSided() ? Look.ONE_SIDED : Look.ASH;
            case FUEL_WET -> Look.FUEL;
            case SOOT -> Look.SOOT;
            case PALE -> Look.PALE;
            case TAN -> plug.isWorn() ? Look.WORN : Look.SOUND;
            case BROKEN, WET, BRIDGED -> null;
        };
        boolean colour = seen == Look.SOOT || seen == Look.PALE || seen == Look.WORN || seen == Look.ONE_SIDED;
        return colour && !full ? Look.SOUND : seen;
    }

    private SealCase.@Nullable Blowby blowby() {
        BlowbyAnalysis analysis = results.blowby();
        Optional<PointResult> flow = analysis.points().stream()
                .filter(p ->
                        p.flowLPerMin().isPresent() && !p.doubted() && p.point().isSteady())
                .findFirst();
        Optional<PointResult> found = analysis.points().stream()
                .filter(p -> p.ventilation() == CrankcaseVent.AS_FOUND && !p.doubted())
                .findFirst();
        double asFound = found.map(p -> p.pressurePa().best()).orElseGet(() -> asFound(results.signs()));
        if (flow.isEmpty() && Double.isNaN(asFound)) {
            return null;
        }
        double perArea = flow.filter(p -> p.point() == BlowbyPoint.LOADED).isPresent()
                ? FLOW_FULL_LOAD
                : engine.isDiesel() ? FLOW_DIESEL_IDLE : FLOW_PETROL_IDLE;
        return new SealCase.Blowby(
                flow.flatMap(PointResult::flowLPerMin)
                        .map(e -> Math.max(0, e.best()))
                        .orElse(Double.NaN),
                flow.map(this::smallest).orElse(1.0),
                perArea,
                flow.map(p -> p.pressurePa().best()).orElse(Double.NaN),
                asFound);
    }

    /** What the crankcase did at idle as it was found, where nobody measured it. */
    private static double asFound(Signs signs) {
        return signs.breather()
                .ventilation()
                .map(v -> switch (v) {
                    case SUCTION -> -50.0;
                    case NOTHING -> 0.0;
                    case PRESSURE -> 100.0;
                })
                .orElse(Double.NaN);
    }

    private double smallest(PointResult point) {
        return record.all(BlowbyReading.class).stream()
                .filter(r -> r.counts() && r.point() == point.point())
                .flatMap(r -> r.orifice().stream())
                .findFirst()
                .map(o -> o.litresPerMinute(Pressure.ofPa(SMALLEST_PA), Temperature.ofCelsius(20)))
                .orElse(1.0);
    }

    private SealCase.@Nullable OilUse oilUse() {
        OilAnalysis oil = results.oil();
        if (oil.faults().stream().anyMatch(f -> !STILL_A_RATE.contains(f.kind()))) {
            return null;
        }
        double doubt = oil.faults().isEmpty() ? 0 : DOUBTED_LOG;
        for (AxisResult axis : oil.axes()) {
            if (axis.litresPer1000Km().isPresent()) {
                var rate = axis.litresPer1000Km().get();
                return oilUse(rate.best(), (rate.high() - rate.low()) / 2 / NINETY_FIVE, doubt);
            }
            if (axis.mlPerHour().isPresent()) {
                assume(
                        "Distance",
                        "{km:50} for each hour run",
                        "oil use by the hour is held against engines known by distance");
                var rate = axis.mlPerHour().get();
                double perThousand = 1 / USUAL_KM_AN_HOUR;
                return oilUse(
                        rate.best() * perThousand, (rate.high() - rate.low()) * perThousand / 2 / NINETY_FIVE, doubt);
            }
        }
        return null;
    }

    private static SealCase.OilUse oilUse(double rate, double standardError, double doubt) {
        return new SealCase.OilUse(rate, Math.hypot(standardError, doubt * Math.abs(rate)));
    }

    private SealCase.Signs signs() {
        return ModelSigns.of(results.signs(), results.intake());
    }
}
