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
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.FiringOrder;
import silentotter.core.finding.Finding;
import silentotter.core.intake.Intake;
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
        List<Finding> findings = new ArrayList<>(setFindings());
        Map<CylinderNumber, GapGrowth> growth = new TreeMap<>();
        new TreeMap<>(tray.plugs()).forEach((number, plug) -> {
            CylinderNumber cylinder = CylinderNumber.of(number);
            PlugSeen seen = new PlugSeen(plug, tray.set(), engine, intake, isOdd(cylinder), isHeaviest(plug));
            seen.growth().ifPresent(g -> growth.put(cylinder, g));
            PlugRules.TABLE.stream()
                    .flatMap(r -> r.about(seen, "PLUGS", List.of(cylinder)).stream())
                    .map(s -> plug.contaminatedBy().map(s::contaminatedBy).orElse(s))
                    .map(this::youngPlugsSayLittle)
                    .forEach(findings::add);
        });
        return new PlugReading(looks, growth, setInWords(), notes(), findings);
    }

    private Finding youngPlugsSayLittle(Finding s) {
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

    /** Whether much of something lies on this plug and little of it on the others: at least two of them, and never much. */
    private boolean isHeaviest(Plug plug) {
        List<Plug> alike = tray.plugs().values().stream()
                .filter(p -> p.deposit().isPresent() && p.deposit().equals(plug.deposit()))
                .toList();
        return plug.has(DepositAmount.HEAVY)
                && alike.stream().filter(p -> p.has(DepositAmount.HEAVY)).count() == 1
                && alike.stream().filter(p -> p.has(DepositAmount.LIGHT)).count() >= 2;
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

    private List<Finding> setFindings() {
        List<Finding> result = new ArrayList<>();
        boolean whole =
                looks.size() >= 2 && looks.size() == engine.arrangement().count();
        if (whole && odd().isEmpty()) {
            PlugSetRules.SetSeen seen = new PlugSetRules.SetSeen(common().orElseThrow(), engine, intake);
            PlugSetRules.ALIKE.forEach(r -> r.about(seen, "PLUGS", List.of()).ifPresent(result::add));
        }
        List<CylinderNumber> washed = with(PlugLook.WASHED);
        washed.stream()
                .flatMap(a -> engine.arrangement().neighbours(a).stream()
                        .filter(b -> b.compareTo(a) > 0 && washed.contains(b))
                        .map(b -> List.of(a, b)))
                .forEach(pair ->
                        PlugSetRules.WASHED_PAIR.about(washed, "PLUGS", pair).ifPresent(result::add));
        return result;
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
