package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.WetResult;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.finding.Finding;
import silentotter.core.intake.IntakeRules;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.PathShare;
import silentotter.core.oil.OilAnalysis;
import silentotter.core.wording.Say;

/** Every finding of a job in one shape, by the name under which the model weighs it; the evidence comes later. */
final class WeighedFindings {
    private static final String SOLID = "measured";
    private static final String SEEN = "seen";
    private static final String TOLD = "told, not seen";
    private static final String SPOILED = "spoiled, so it weighs little";

    private final Engine engine;
    private final Results results;
    private final Map<String, WeighedFinding> all = new LinkedHashMap<>();

    private WeighedFindings(Engine engine, Results results) {
        this.engine = engine;
        this.results = results;
    }

    /** By id. What a rule says stands under the rule, or under the finding of the model that weighs it. */
    static Map<String, WeighedFinding> of(Engine engine, Results results) {
        WeighedFindings findings = new WeighedFindings(engine, results);
        findings.gauges();
        findings.plugs();
        findings.engineWide();
        findings.rules();
        return findings.all;
    }

    private void gauges() {
        for (CylinderNumber c : engine.arrangement().cylinders()) {
            int i = c.value() - 1;
            CylinderResult dry = results.compression().cylinders().get(c);
            if (dry != null && dry.value().isPresent()) {
                put(
                        "compression" + i,
                        "COMPRESSION",
                        c,
                        "Compression " + Say.pressure(dry.value().get().value()),
                        dry.reason(),
                        dry.shareOfSound()
                                .map(s -> Say.percent(s.best()))
                                .or(() -> Optional.of(
                                        Say.pressure(dry.value().get().value()))),
                        dry.shareOfSound().map(s -> "of a sound sister, compression"),
                        dry.value().get().floor() ? "at least: the needle stood at its end" : SOLID);
            }
            results.compression().wet(c).ifPresent(w -> wet(i, w));
            results.leakdown().at(c).ifPresent(l -> leakdown(i, l));
        }
    }

    private void wet(int i, WetResult w) {
        put(
                "wet" + i,
                "COMPRESSION",
                w.cylinder(),
                "Wet: " + Say.signedPercent(w.risePercent() / 100),
                w.reason(),
                Optional.of(Say.signedPercent(w.risePercent() / 100)),
                w.artefactPercent().map(a -> "wet; the oil alone does " + Math.round(a.best()) + " %"),
                SOLID);
    }

    private void leakdown(int i, CylinderLeak l) {
        CylinderNumber c = l.cylinder();
        put(
                "leakdown" + i,
                "LEAKDOWN",
                c,
                "Leak-down " + Say.number(l.reading().percent()) + " %",
                l.reason(),
                Optional.of(Say.number(l.reading().percent()) + " %"),
                Optional.of(l.area().map(a -> "leak-down, " + Say.about(a)).orElse("leak-down")),
                l.area().isPresent() ? SOLID : "ranks cylinders, does not measure");
        String heard =
                l.paths().stream().map(p -> p.heard().words() + " " + at(p)).collect(Collectors.joining(", "));
        boolean listened = l.reading().heard().values().stream().anyMatch(h -> h != Heard.CANNOT_BE_REACHED);
        if (listened || !heard.isEmpty()) {
            put(
                    "heard" + i,
                    "LEAKDOWN",
                    c,
                    heard.isEmpty() ? "Nothing heard" : "Heard " + heard,
                    heard.isEmpty()
                            ? "Somebody listened and heard nothing where the air would come out."
                            : "Where the air comes out names the seal; an ear is no gauge.",
                    Optional.empty(),
                    Optional.empty(),
                    "by ear");
        }
        put(
                "tapped" + i,
                "LEAKDOWN",
                c,
                l.recoverable() ? "Better after the valve was moved" : "Valve moved: no better",
                "What recovers was dirt or a sticking stem; what stays is the seat.",
                Optional.empty(),
                Optional.empty(),
                SOLID);
    }

    private static String at(PathShare p) {
        return p.neighbour()
                .map(n -> "at the hole of " + Say.cylinder(n))
                .orElse(p.place().where());
    }

    private void plugs() {
        results.plugs()
                .looks()
                .forEach((c, look) -> put(
                        "plug" + (c.value() - 1),
                        "PLUGS",
                        c,
                        "Plug: " + look.words(),
                        "How often a plug looks so with each fault, and in a set that runs tidy or dirty.",
                        Optional.empty(),
                        Optional.empty(),
                        SEEN));
    }

    private void engineWide() {
        results.blowby().points().stream()
                .filter(p -> p.flowLPerMin().isPresent())
                .findFirst()
                .ifPresent(p -> put(
                        "blowby",
                        "BLOWBY",
                        null,
                        "Blow-by " + Math.round(p.flowLPerMin().get().best()) + " L/min",
                        "Gas past all rings together, held against what their leaks at rest would let past.",
                        Optional.of(Math.round(p.flowLPerMin().get().best()) + " L/min"),
                        Optional.of("through the orifice"),
                        SOLID));
        put(
                "asFound",
                "BLOWBY",
                null,
                "Crankcase as found",
                "A working ventilation holds a light suction at idle.",
                Optional.empty(),
                Optional.empty(),
                SOLID);
        OilAnalysis oil = results.oil();
        if (!oil.axes().isEmpty()) {
            put("oil", "OIL", null, "Oil use", oil.says(), rate(oil), Optional.of("oil used"), SOLID);
        }
        sign(
                "standing",
                "SMOKE",
                "Smoke on starting after standing",
                "No blue smoke on starting after standing",
                "Oil from above runs down while it stands.");
        sign(
                "load",
                "SMOKE",
                "Blue smoke under load",
                "No blue smoke under load",
                "Oil past rings burns under load. None seen does not clear it.");
        sign(
                "overrun",
                "SMOKE",
                "Blue smoke on the overrun",
                "No blue smoke on the overrun",
                "Deep suction draws oil past stems.");
        sign(
                "warmWhite",
                "SMOKE",
                "White smoke that stays",
                "No white smoke once warm",
                "Water burns white and stays white when the engine is warm.");
        sign(
                "breatherOil",
                "SIGNS",
                "Oil from the breather",
                "No oil from the breather",
                "Heavy blow-by carries oil along.");
        sign("outside", "SIGNS", "Drips outside", "Dry outside", "Oil that goes outside need not be burnt.");
        sign(
                "combustionGas",
                "SIGNS",
                "Combustion gas in the coolant",
                "No combustion gas in the coolant",
                "The chemical test; a small crack may open only under load.");
        sign(
                "bubbles",
                "SIGNS",
                "Bubbles in the coolant soon after a cold start",
                "No bubbles in the coolant",
                "Gas gets in before heat could do it.");
        sign(
                "coolantLoss",
                "SIGNS",
                "Coolant falls and nothing drips",
                "Coolant does not go inside",
                "What does not drip goes through a cylinder or into the oil.");
        sign(
                "milky",
                "SIGNS",
                "Milk under the cap",
                "No milk under the cap",
                "Condensation looks the same: it weighs next to nothing.");
        sign(
                "metal",
                "SIGNS",
                "Flakes of metal in the oil",
                "No flakes in the oil",
                "Flakes come from rings, a piston or bearings.");
        sign(
                "sags",
                "INTAKE",
                "Bogs when the throttle opens",
                "Takes the throttle without bogging",
                "Air that gets in past a crank seal or joint thins the mixture just then.");
    }

    private static Optional<String> rate(OilAnalysis oil) {
        return oil.axes().stream()
                .flatMap(a -> a
                        .litresPer1000Km()
                        .map(e -> Say.litresPer1000Km(e.best()))
                        .or(() -> a.mlPerHour().map(e -> Math.round(e.best()) + " mL/h"))
                        .stream())
                .findFirst();
    }

    private void sign(String id, String station, String present, String absent, String because) {
        put(
                id,
                station,
                null,
                Boolean.TRUE.equals(seen(id)) ? present : absent,
                because,
                Optional.empty(),
                Optional.empty(),
                SEEN);
    }

    private Boolean seen(String id) {
        var s = ModelSigns.of(results.signs(), results.intake());
        return switch (id) {
            case "standing" -> s.standing();
            case "load" -> s.load();
            case "overrun" -> s.overrun();
            case "warmWhite" -> s.warmWhite();
            case "breatherOil" -> s.breatherOil();
            case "outside" -> s.outsideWet();
            case "combustionGas" -> s.combustionGas();
            case "bubbles" -> s.bubbles();
            case "coolantLoss" -> s.coolantLoss();
            case "milky" -> s.milky();
            case "sags" -> s.sags();
            default -> s.metal();
        };
    }

    private void rules() {
        for (Finding s : results.findings()) {
            String id = JudgedFindings.finding(s);
            if (!id.equals(JudgedFindings.id(s))) {
                enrich(id, s);
                continue;
            }
            all.put(
                    id,
                    new WeighedFinding(
                            id,
                            s.station(),
                            s.cylinders(),
                            firstClause(s.because()),
                            s.says(),
                            s.because(),
                            Optional.empty(),
                            Optional.empty(),
                            s.spoiled() ? SPOILED : s.station().equals(IntakeRules.SOURCE) ? TOLD : SEEN,
                            s.tellApart(),
                            s.stopsRunning(),
                            List.of()));
        }
        all.put(
                JudgedFindings.COMPLAINT,
                new WeighedFinding(
                        JudgedFindings.COMPLAINT,
                        "INTAKE",
                        List.of(),
                        "The complaint",
                        "",
                        "Mild evidence: the tests then say the same thing again.",
                        Optional.empty(),
                        Optional.empty(),
                        TOLD,
                        Optional.empty(),
                        false,
                        List.of()));
    }

    /** The words of a rule for what the model weighs. */
    private void enrich(String model, Finding s) {
        List<String> ids = model.equals("plug")
                ? s.cylinders().stream().map(c -> "plug" + (c.value() - 1)).toList()
                : List.of(model);
        for (String id : ids) {
            WeighedFinding own = all.get(id);
            if (own != null) {
                all.put(
                        id,
                        new WeighedFinding(
                                id,
                                own.station(),
                                own.cylinders(),
                                own.seen(),
                                s.says(),
                                s.because(),
                                own.figure(),
                                own.against(),
                                own.reliability(),
                                s.tellApart().or(own::tellApart),
                                own.stops() || s.stopsRunning(),
                                List.of()));
            }
        }
    }

    private void put(
            String id,
            String station,
            CylinderNumber cylinder,
            String seen,
            String because,
            Optional<String> figure,
            Optional<String> against,
            String reliability) {
        all.put(
                id,
                new WeighedFinding(
                        id,
                        station,
                        cylinder == null ? List.of() : List.of(cylinder),
                        seen,
                        "",
                        because,
                        figure,
                        against,
                        reliability,
                        Optional.empty(),
                        false,
                        new ArrayList<>()));
    }

    /** What a rule saw: its reason begins with it. */
    private static String firstClause(String because) {
        int end = because.length();
        for (String stop : List.of(": ", ". ", "; ")) {
            int at = because.indexOf(stop);
            end = at > 0 ? Math.min(end, at) : end;
        }
        String clause = because.substring(0, end);
        return clause.endsWith(".") ? clause.substring(0, clause.length() - 1) : clause;
    }
}
