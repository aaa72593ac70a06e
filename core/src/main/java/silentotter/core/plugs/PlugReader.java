package silentotter.core.plugs;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import silentotter.core.engine.Bank;
import silentotter.core.engine.Bank.BankSide;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.FiringOrder;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Statement;
import silentotter.core.finding.Statement.Urgency;
import silentotter.core.finding.Weight;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.History;
import silentotter.core.plugs.PlugSet.HeatRange;
import silentotter.core.wording.Say;

/** Reads a tray of plugs, with the engine's fuel system, the plugs' age and the use taken into account. */
public final class PlugReader {
    private final Engine engine;
    private final Intake intake;
    private final PlugTray tray;
    private final Map<CylinderNumber, PlugLook> looks = new TreeMap<>();

    private PlugReader(Engine engine, Intake intake, PlugTray tray) {
        this.engine = engine;
        this.intake = intake;
        this.tray = tray;
        tray.plugs()
                .forEach((number, plug) ->
                        PlugLook.of(plug).ifPresent(look -> looks.put(CylinderNumber.of(number), look)));
    }

    /** Reads all plugs that something was said of. */
    public static PlugReading read(Engine engine, Intake intake, PlugTray tray) {
        return new PlugReader(engine, intake, tray).reading();
    }

    private PlugReading reading() {
        List<Statement> statements = new ArrayList<>(setStatements());
        Map<CylinderNumber, GapGrowth> growth = new TreeMap<>();
        new TreeMap<>(tray.plugs()).forEach((number, plug) -> {
            CylinderNumber cylinder = CylinderNumber.of(number);
            PlugSeen seen = new PlugSeen(plug, tray.set(), engine, intake, isOdd(cylinder));
            seen.growth().ifPresent(g -> growth.put(cylinder, g));
            PlugRules.TABLE.stream()
                    .flatMap(r -> r.about(seen, "PLUGS", List.of(cylinder)).stream())
                    .map(s -> plug.contaminatedBy().map(s::contaminatedBy).orElse(s))
                    .map(this::youngPlugsSayLittle)
                    .forEach(statements::add);
        });
        return new PlugReading(looks, growth, setInWords(), notes(), statements);
    }

    private Statement youngPlugsSayLittle(Statement s) {
        return tray.set().isNew() && s.fullReadingOnly() ? s.weakened("They are nearly new, so it weighs less.") : s;
    }

    /** The look that most plugs share; empty where no look is shared by more than half. */
    private Optional<PlugLook> common() {
        return looks.values().stream()
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()))
                .entrySet()
                .stream()
                .filter(e -> e.getValue() * 2 > looks.size())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private boolean isOdd(CylinderNumber cylinder) {
        return odd().contains(cylinder);
    }

    /** The plugs that look unlike most; where there is no majority, those that are not tan. */
    private List<CylinderNumber> odd() {
        if (looks.size() < 2) {
            return List.of();
        }
        PlugLook usual = common().orElse(PlugLook.TAN);
        return looks.entrySet().stream()
                .filter(e -> e.getValue() != usual)
                .map(Map.Entry::getKey)
                .toList();
    }

    private Optional<String> setInWords() {
        if (looks.size() < 2) {
            return Optional.empty();
        }
        List<CylinderNumber> odd = odd();
        if (odd.isEmpty()) {
            return Optional.of("All " + looks.size() + " alike: "
                    + common().orElseThrow().words() + ". That is mixture, heat range, duty or age, not one cylinder.");
        }
        String each = odd.stream()
                .map(c -> Say.cylinder(c) + " " + looks.get(c).words())
                .collect(Collectors.joining(", "));
        String rest = common().map(l -> ", the rest " + l.words()).orElse("");
        return Optional.of((odd.size() == 1 ? "One odd plug: " : "Odd plugs: ") + each + rest + ". " + where(odd));
    }

    /** Whether the odd ones share a bank or stand side by side. */
    private String where(List<CylinderNumber> odd) {
        Optional<Bank> bank = engine.arrangement().banks().stream()
                .filter(b -> b.side() != BankSide.ONLY && b.cylinders().size() > 1)
                .filter(b -> sameMembers(b.cylinders(), odd))
                .findFirst();
        if (bank.isPresent()) {
            return "They are the whole " + (bank.get().side() == BankSide.LEFT ? "left" : "right")
                    + " bank: look for what only that bank has, fuel, air or sensor.";
        }
        if (odd.size() == 2 && engine.arrangement().neighbours(odd.get(0)).contains(odd.get(1))) {
            return "They stand side by side: a gasket between them, or a shared intake runner.";
        }
        return odd.size() == 1
                ? "That is this cylinder's own."
                : "Each is its cylinder's own until something joins them.";
    }

    private static boolean sameMembers(Collection<CylinderNumber> a, Collection<CylinderNumber> b) {
        return a.size() == b.size() && a.containsAll(b);
    }

    private List<Statement> setStatements() {
        List<Statement> result = new ArrayList<>();
        boolean whole =
                looks.size() >= 2 && looks.size() == engine.arrangement().count();
        if (whole && odd().isEmpty()) {
            allAlike(common().orElseThrow()).ifPresent(result::add);
        }
        List<CylinderNumber> washed = with(PlugLook.WASHED);
        washed.stream()
                .flatMap(a -> engine.arrangement().neighbours(a).stream()
                        .filter(b -> b.compareTo(a) > 0 && washed.contains(b))
                        .map(b -> List.of(a, b)))
                .forEach(pair -> result.add(statement(
                        "plugs-washed-neighbours",
                        pair,
                        "Two neighbours washed clean: the gasket or the head between them.",
                        "Water reaches both and they share the joint.",
                        Weight.of(4),
                        List.of(Fault.COOLANT_ENTRY, Fault.GASKET_BETWEEN),
                        Optional.of("Pressure test with a camera; leak-down on one, listening at the other."),
                        false)));
        return result;
    }

    private Optional<Statement> allAlike(PlugLook look) {
        return switch (look) {
            case OIL_WET ->
                engine.cycle() == Cycle.TWO_STROKE
                        ? Optional.empty()
                        : Optional.of(statement(
                                "plugs-all-oily",
                                List.of(),
                                "Oil on all alike: something they share.",
                                "Ventilation, turbocharger seal or even wear reaches all cylinders; one ring does not.",
                                Weight.of(3),
                                List.of(Fault.VENTILATION, Fault.TURBO_SEAL, Fault.EVEN_WEAR),
                                Optional.of("Lead the ventilation away, clean plugs in, run, look again."),
                                false));
            case ASH ->
                Optional.of(statement(
                        "plugs-all-ash",
                        List.of(),
                        "Long oil use on all alike, or an additive.",
                        "Ash on every plug: even wear, stems or ventilation; an additive in the fuel leaves it too.",
                        Weight.of(intake.had(History.FUEL_ADDITIVE) ? 1.2 : 2),
                        List.of(Fault.EVEN_WEAR, Fault.STEM_SEAL, Fault.VENTILATION),
                        Optional.of("Measure the oil use; ask what was in the fuel."),
                        false));
            case SOOT ->
                Optional.of(statement(
                        "plugs-all-soot",
                        List.of(),
                        "Soot on all alike: mixture, air filter, heat range or idling.",
                        "One cylinder's fault does not blacken all.",
                        Weight.of(2),
                        List.of(intake.had(History.LONG_IDLING) ? Fault.DUTY : Fault.RICH),
                        Optional.of("Air filter first; then run it warm under load and look again."),
                        true));
            case FUEL_WET ->
                Optional.of(statement(
                        "plugs-all-fuel",
                        List.of(),
                        "All wet with fuel: flooded, or no spark at all.",
                        "Every plug alike.",
                        Weight.of(3),
                        List.of(Fault.RICH, Fault.IGNITION),
                        Optional.of("Dry them, check for spark, crank with the throttle open."),
                        false));
            default -> Optional.empty();
        };
    }

    private static Statement statement(
            String rule,
            List<CylinderNumber> cylinders,
            String says,
            String because,
            Weight weight,
            List<Fault> suspects,
            Optional<String> tellApart,
            boolean fullReadingOnly) {
        return new Statement(
                rule, "PLUGS", cylinders, says, because, weight, suspects, tellApart, Urgency.NONE, fullReadingOnly);
    }

    private List<CylinderNumber> with(PlugLook look) {
        return looks.entrySet().stream()
                .filter(e -> e.getValue() == look)
                .map(Map.Entry::getKey)
                .sorted(Comparator.naturalOrder())
                .toList();
    }

    /** The two that are at the top together: half the firing order apart. */
    private String coilPairs() {
        List<CylinderNumber> order =
                engine.firingOrder().map(FiringOrder::cylinders).orElse(List.of());
        int half = order.size() / 2;
        return order.size() % 2 != 0 || half == 0
                ? ""
                : IntStream.range(0, half)
                        .mapToObj(i -> Say.cylinders(List.of(order.get(i), order.get(i + half))))
                        .collect(Collectors.joining("; ", " (by the firing order ", ")"));
    }

    private List<String> notes() {
        List<String> notes = new ArrayList<>();
        if (tray.plugs().isEmpty()) {
            return notes;
        }
        if (tray.set().isNew()) {
            notes.add("These plugs are nearly new: what they show is weeks, not years.");
        }
        if (tray.set().known().isEmpty()) {
            notes.add("The plugs' age is not known, so no growth of the gap is claimed.");
        }
        if (intake.meterFromOtherEngine().orElse(false)) {
            notes.add("Distance or hours belong to another engine: write the plugs' own age, or none.");
        }
        if (tray.set().wastedSpark().orElse(false)) {
            notes.add("Two cylinders share a coil" + coilPairs()
                    + ": every second plug wears the other electrode. That is no finding.");
        }
        tray.set()
                .heatRange()
                .filter(h -> h != HeatRange.AS_SPECIFIED)
                .ifPresent(h -> notes.add(
                        h == HeatRange.HOTTER
                                ? "A hotter plug than specified reads paler by itself."
                                : "A colder plug than specified soots by itself."));
        if (engine.traits().fuelSystem().isEmpty()) {
            notes.add("Carburettor or injection is not known: injected engines read paler.");
        }
        return notes;
    }
}
