package silentotter.core.inference;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.hipparchus.util.FastMath;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Circumstance;
import silentotter.core.fault.Complaint;
import silentotter.core.fault.EngineKind;
import silentotter.core.fault.PriorTable;
import silentotter.core.flow.BreatherOrifice;
import silentotter.core.flow.TwoHoles;
import silentotter.core.quantity.CrankSpeed;
import silentotter.core.quantity.LeakArea;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.quantity.Temperature;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.CylinderGeometry;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Made-up jobs with the answers that the tried-out model gave; see reference.json. */
final class ReferenceCases {
    record Reference(int number, SealCase seal, Map<String, Double> members, Map<String, Double> measuring) {}

    private ReferenceCases() {}

    static List<Reference> all() {
        try (InputStream in = ReferenceCases.class.getResourceAsStream("reference.json")) {
            List<Reference> all = new ArrayList<>();
            for (JsonNode node : new ObjectMapper().readTree(in)) {
                Map<String, Double> members = new TreeMap<>();
                node.get("members")
                        .forEach(m -> members.put(
                                m.get(0).asString() + place(m.get(1)), m.get(2).asDouble()));
                Map<String, Double> measuring = new TreeMap<>();
                node.get("measuring")
                        .forEach(m -> measuring.put(
                                m.get(0).asString() + " " + m.get(1).asString() + place(m.get(2)),
                                m.get(3).asDouble()));
                all.add(new Reference(node.get("number").asInt(), seal(node.get("case")), members, measuring));
            }
            return all;
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static String place(JsonNode at) {
        return at.isNull()
                ? ""
                : at.isArray() ? " " + at.get(0).asInt() + "-" + at.get(1).asInt() : " " + at.asInt();
    }

    private static boolean yes(JsonNode of, String field) {
        return of.hasNonNull(field) && of.get(field).asBoolean();
    }

    private static Boolean seen(JsonNode of, String field) {
        return of == null || !of.hasNonNull(field) ? null : of.get(field).asBoolean();
    }

    private static SealCase seal(JsonNode c) {
        JsonNode e = c.get("engine");
        int n = e.get("n").asInt();
        boolean two = e.get("cycle").asInt() == 2;
        boolean diesel = e.get("fuel").asString().equals("diesel");
        EngineKind kind = two ? EngineKind.TWO_STROKE : diesel ? EngineKind.DIESEL : EngineKind.PETROL;
        double bore = e.get("bore_mm").asDouble();
        double stroke = e.get("stroke_mm").asDouble();
        int[] order = new int[n];
        boolean[] joined = new boolean[n - 1];
        int at = 0;
        for (JsonNode bank : e.get("banks")) {
            for (int i = 0; i < bank.size(); i++) {
                if (i > 0) {
                    joined[at - 1] = true;
                }
                order[at++] = bank.get(i).asInt() - 1;
            }
        }
        double litres = n * Math.PI / 4 * bore * bore * stroke * 1e-6;
        JsonNode conditions = c.get("conditions");
        boolean hot = conditions.get("hot").asBoolean();
        Pressure ambient = Pressure.ofKPa(conditions.get("ambient_kPa").asDouble());
        Temperature air = Temperature.ofCelsius(conditions.get("temperature_C").asDouble());
        SealCase.Body body = new SealCase.Body(kind, order, joined, bore / 90, litres);
        return new SealCase(
                body,
                priors(c, kind),
                compression(
                        c,
                        n,
                        CylinderGeometry.of(
                                Length.ofMm(bore),
                                Length.ofMm(stroke),
                                e.get("cr").asDouble()),
                        two,
                        hot,
                        ambient,
                        air),
                leakdown(c, n, bore, hot, ambient),
                plugs(c),
                blowby(c, diesel),
                oil(c, e),
                signs(c),
                told(c));
    }

    private static double[] priors(JsonNode c, EngineKind kind) {
        JsonNode e = c.get("engine");
        List<Circumstance> so = new ArrayList<>();
        List<Cause> not = new ArrayList<>();
        if (yes(e, "air_cooled")) {
            so.add(Circumstance.AIR_COOLED);
            not.add(Cause.WATER);
        }
        if (!yes(e, "wet_exhaust")) {
            not.add(Cause.EXHAUST_WATER);
        }
        return PriorTable.of(kind, so, not);
    }

    private static List<SealCase.Judged> told(JsonNode c) {
        JsonNode h = c.get("history");
        List<SealCase.Judged> told = new ArrayList<>();
        if (h.hasNonNull("life") && h.get("life").asDouble() > .7) {
            told.add(judged("life", Map.of(Cause.EVEN_WEAR, 2.0)));
        }
        if (yes(h, "dusty")) {
            told.add(judged("dust", Map.of(Cause.EVEN_WEAR, 2.0)));
        }
        if (yes(h, "overheated")) {
            told.add(judged("overheated", Map.of(Cause.WATER, 3.0, Cause.GASKET, 3.0)));
        }
        if (yes(h, "belt_work")) {
            told.add(judged("belt", Map.of(Cause.CAM_TIMING, 4.0)));
        }
        if (h.get("stood_months").asDouble() > 3) {
            told.add(judged("stood", Map.of(Cause.VALVE_HELD, 4.0)));
        }
        JsonNode signs = c.get("signs");
        if (yes(signs, "breather_oil") && yes(signs, "metal_in_oil")) {
            told.add(judged("metal from breather", Map.of(Cause.BROKEN, 4.0)));
        }
        Complaint complaint = switch (h.get("complaint").asString()) {
            case "oil" -> Complaint.OIL_USE;
            case "smoke" -> Complaint.SMOKE;
            case "power" -> Complaint.POWER;
            case "coolant" -> Complaint.COOLANT;
            case "breather" -> Complaint.BREATHER;
            default -> Complaint.CHECK;
        };
        told.add(judged("complaint", complaint.factors()));
        return told;
    }

    private static SealCase.Judged judged(String id, Map<Cause, Double> ratios) {
        return new SealCase.Judged(id, -1, ratios, id);
    }

    private static SealCase.Compression compression(
            JsonNode c, int n, CylinderGeometry geometry, boolean two, boolean hot, Pressure ambient, Temperature air) {
        if (!c.hasNonNull("compression")) {
            return null;
        }
        JsonNode k = c.get("compression");
        boolean speedKnown = c.get("conditions").hasNonNull("cranking_rpm");
        CrankingSetup setup = CrankingSetup.usual(geometry)
                .withStrokes(k.get("strokes").asInt())
                .withAir(ambient, air)
                .withIntakeClosing(two ? 85 : 60)
                .withWalls(hot ? CrankingSetup.WARM_WALLS : air);
        if (speedKnown) {
            setup = setup.withSpeed(
                    CrankSpeed.ofRpm(c.get("conditions").get("cranking_rpm").asDouble()));
        }
        GaugeCurve curve = GaugeCurve.of(setup);
        double[] ln = new double[n];
        double[] sigma = new double[n];
        for (int i = 0; i < n; i++) {
            double kPa = k.get("dry_kPa").get(i).isNull()
                    ? Double.NaN
                    : k.get("dry_kPa").get(i).asDouble();
            ln[i] = FastMath.log(kPa);
            sigma[i] = Math.hypot(hot ? .02 : .03, 5 / kPa);
        }
        SealCase.Wet[] wet = null;
        if (k.hasNonNull("wet")) {
            wet = new SealCase.Wet[n];
            for (JsonNode w : k.get("wet")) {
                int cyl = w.get("cyl").asInt() - 1;
                GaugeCurve[] curves = new GaugeCurve[3];
                for (int r = 0; r < 3; r++) {
                    double left = geometry.clearance().millilitres()
                            - SealCase.RETENTION[r] * w.get("oil_mL").asDouble();
                    curves[r] = GaugeCurve.of(setup.withGeometry(new CylinderGeometry(
                            geometry.bore(),
                            geometry.stroke(),
                            geometry.rod(),
                            1 + geometry.swept().millilitres() / left)));
                }
                wet[cyl] = new SealCase.Wet(
                        w.get("kPa").asDouble() / FastMath.exp(ln[cyl]) - 1, SealCase.Wet.COMPUTED_ARTEFACT, curves);
            }
        }
        return new SealCase.Compression(
                ln,
                sigma,
                IntStream.generate(() -> 1).limit(n).toArray(),
                new boolean[n],
                hot,
                .13,
                speedKnown ? .30 : .45,
                false,
                curve,
                wet);
    }

    private static SealCase.Leakdown leakdown(JsonNode c, int n, double bore, boolean hot, Pressure ambient) {
        if (!c.hasNonNull("leakdown")) {
            return null;
        }
        JsonNode l = c.get("leakdown");
        TwoHoles tester = new TwoHoles(
                LeakArea.ofHole(Length.ofMm(l.get("orifice_mm").asDouble()), 1),
                Pressure.ofKPa(l.get("supply_kPa").asDouble()),
                ambient);
        PercentCurve curve = PercentCurve.of(tester, bore);
        double[] percent = new double[n];
        double[] sigma = new double[n];
        PercentCurve[] curves = new PercentCurve[n];
        int[][] heard = new int[n][Listening.PLACES];
        int[] towards = new int[n];
        SealCase.Tapped[] tapped = new SealCase.Tapped[n];
        String[] places = {"intake", "exhaust", "crankcase", "coolant", "neighbour"};
        for (int i = 0; i < n; i++) {
            percent[i] = l.get("percent").get(i).isNull()
                    ? Double.NaN
                    : l.get("percent").get(i).asDouble();
            sigma[i] = Math.hypot(hot ? 1.5 : 2.6, 1);
            curves[i] = curve;
            towards[i] = -1;
            tapped[i] = SealCase.Tapped.NOT_DONE;
            for (int p = 0; p < places.length; p++) {
                JsonNode h = l.get("heard").get(i);
                String word = h.isNull() || h.get(places[p]).isNull()
                        ? "not"
                        : h.get(places[p]).asString();
                heard[i][p] = List.of("nothing", "faint", "clear", "loud").indexOf(word);
                if (!h.isNull() && h.hasNonNull("towards")) {
                    towards[i] = h.get("towards").asInt() - 1;
                }
            }
        }
        return new SealCase.Leakdown(
                percent,
                sigma,
                hot ? .05 : .10,
                Math.hypot(l.get("calibrated").asBoolean() ? .04 : .15, .10),
                curves,
                heard,
                towards,
                tapped);
    }

    private static SealCase.Plugs plugs(JsonNode c) {
        if (!c.hasNonNull("plugs")) {
            return null;
        }
        Map<String, SealCase.Look> names = Map.of(
                "sound", SealCase.Look.SOUND,
                "wet_oil", SealCase.Look.OIL_WET,
                "ash", SealCase.Look.ASH,
                "one_sided", SealCase.Look.ONE_SIDED,
                "steam", SealCase.Look.STEAM,
                "specks", SealCase.Look.SPECKS,
                "wet_fuel", SealCase.Look.FUEL,
                "soot", SealCase.Look.SOOT,
                "pale", SealCase.Look.PALE,
                "worn", SealCase.Look.WORN);
        JsonNode p = c.get("plugs");
        SealCase.Look[] looks = new SealCase.Look[p.size()];
        for (int i = 0; i < looks.length; i++) {
            looks[i] = p.get(i).isNull() ? null : names.get(p.get(i).asString());
        }
        return new SealCase.Plugs(looks);
    }

    private static SealCase.Blowby blowby(JsonNode c, boolean diesel) {
        if (!c.hasNonNull("blowby")) {
            return null;
        }
        JsonNode b = c.get("blowby");
        BreatherOrifice orifice =
                new BreatherOrifice(Length.ofMm(b.get("orifice_mm").asDouble()), .62);
        Temperature gas = Temperature.ofCelsius(20);
        return new SealCase.Blowby(
                orifice.litresPerMinute(Pressure.ofPa(b.get("pressure_Pa").asDouble()), gas),
                orifice.litresPerMinute(Pressure.ofPa(6), gas),
                diesel ? 25 : 10,
                b.get("pressure_Pa").asDouble(),
                b.hasNonNull("as_found_Pa") ? b.get("as_found_Pa").asDouble() : Double.NaN);
    }

    /** Least squares on the level with what was poured in taken off, three prior degrees of freedom at 1.3 mm. */
    private static SealCase.OilUse oil(JsonNode c, JsonNode e) {
        if (!c.hasNonNull("oil")) {
            return null;
        }
        double perMm = e.get("dip_l").asDouble() / e.get("dip_mm").asDouble();
        JsonNode entries = c.get("oil").get("entries");
        int m = entries.size();
        double[] x = new double[m];
        double[] y = new double[m];
        double added = 0;
        for (int i = 0; i < m; i++) {
            added += entries.get(i).get("added_l").asDouble();
            x[i] = entries.get(i).get("km").asDouble() / 1000;
            y[i] = added - entries.get(i).get("dip_mm").asDouble() * perMm;
        }
        double mx = java.util.Arrays.stream(x).average().orElseThrow();
        double my = java.util.Arrays.stream(y).average().orElseThrow();
        double sxx = 0;
        double sxy = 0;
        for (int i = 0; i < m; i++) {
            sxx += (x[i] - mx) * (x[i] - mx);
            sxy += (x[i] - mx) * (y[i] - my);
        }
        double rate = sxy / sxx;
        double rss = 0;
        for (int i = 0; i < m; i++) {
            double r = y[i] - my - rate * (x[i] - mx);
            rss += r * r;
        }
        double sigma = Math.sqrt((rss + 3 * FastMath.pow(1.3 * perMm, 2)) / (m - 2 + 3));
        return new SealCase.OilUse(rate, sigma / Math.sqrt(sxx));
    }

    private static SealCase.Signs signs(JsonNode c) {
        JsonNode s = c.get("signs");
        JsonNode smoke = c.hasNonNull("smoke") ? c.get("smoke") : null;
        return new SealCase.Signs(
                seen(smoke, "after_standing"),
                seen(smoke, "load"),
                seen(smoke, "overrun"),
                seen(smoke, "warm_white"),
                seen(s, "bubbles"),
                seen(s, "combustion_gas"),
                seen(s, "coolant_loss"),
                seen(s, "milky_cap"),
                seen(s, "breather_oil"),
                seen(s, "metal_in_oil"),
                seen(s, "outside_wet"),
                seen(s, "sags_after_opening"));
    }

    static String name(Member m) {
        String cause = switch (m.cause()) {
            case RING -> "ring";
            case BROKEN -> "broken";
            case EXHAUST_VALVE -> "exhaust_valve";
            case INTAKE_VALVE -> "intake_valve";
            case VALVE_HELD -> "held_valve";
            case VALVE_NOT_OPENING -> "valve_motion";
            case WATER -> "coolant";
            case GASKET -> "gasket_between";
            case OIL_RING_HERE -> "oil_ring";
            case STEM_SEAL_HERE -> "stem_seal";
            case OIL_RINGS -> "oil_rings_all";
            case STEM_SEALS -> "stem_seals";
            case VENTILATION -> "ventilation";
            case OUTSIDE -> "outside";
            case EXHAUST_WATER -> "riser";
            case CRANKCASE_AIR -> "crankcase_air";
            case EVEN_WEAR -> "even_wear";
            case CAM_TIMING -> "cam_timing";
            case ALL_ALIKE -> "all_alike";
        };
        String place = m.cylinder() < 0 ? "" : " " + (m.cylinder() + 1);
        return cause
                + (m.other() < 0
                        ? place
                        : " " + Math.min(m.cylinder() + 1, m.other() + 1) + "-"
                                + Math.max(m.cylinder() + 1, m.other() + 1));
    }
}
