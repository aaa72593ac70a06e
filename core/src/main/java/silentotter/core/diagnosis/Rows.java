package silentotter.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import silentotter.core.fault.Cause;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;
import silentotter.core.inference.Member;
import silentotter.core.inference.Probabilities;

/** The rows of the answer from the probabilities of its members: what one repair mends at one place stands together. */
final class Rows {
    private static final List<Cause> RINGS = List.of(Cause.RING, Cause.BROKEN);
    private static final List<Cause> VALVES = List.of(Cause.EXHAUST_VALVE, Cause.INTAKE_VALVE, Cause.VALVE_HELD);
    private static final List<Cause> OIL = List.of(Cause.OIL_RINGS, Cause.STEM_SEALS, Cause.VENTILATION);
    private static final List<Cause> OIL_HERE = List.of(Cause.OIL_RING_HERE, Cause.STEM_SEAL_HERE);

    /** One cylinder of several has it and none stands out. */
    private static final double NOWHERE_IN_PARTICULAR = .5;

    private static final double WORTH_A_ROW_SOMEWHERE = .15;

    /**
     * A row before it is put into words.
     *
     * @param cylinders indices; empty for the whole engine or somewhere
     */
    record Row(Family family, List<Integer> cylinders, boolean somewhere) {}

    /** A member of a row. @param cylinders indices */
    record Part(Fault fault, List<Integer> cylinders, double probability) {}

    private final Probabilities p;
    private final int n;
    private final Map<Fault, Double> beside;

    /** @param beside probability of faults that the model does not hold */
    Rows(Probabilities p, int n, Map<Fault, Double> beside) {
        this.p = p;
        this.n = n;
        this.beside = beside;
    }

    /** Every row with its probability. */
    Map<Row, Double> all() {
        Map<Row, Double> rows = new LinkedHashMap<>();
        for (int c = 0; c < n; c++) {
            rows.put(new Row(Family.RINGS, List.of(c), false), sum(RINGS, c));
            rows.put(new Row(Family.VALVE_LEAK, List.of(c), false), sum(VALVES, c));
            rows.put(new Row(Family.VALVE_MOTION, List.of(c), false), at(Cause.VALVE_NOT_OPENING, c));
        }
        p.members().forEach((m, value) -> {
            if (m.cause() == Cause.GASKET) {
                int low = Math.min(m.cylinder(), m.other());
                rows.put(new Row(Family.GASKET_BETWEEN, List.of(low, Math.max(m.cylinder(), m.other())), false), value);
            }
        });
        rows.put(of(Family.WATER_ENTRY), or(p.waterEntry(), engine(Cause.EXHAUST_WATER)));
        rows.put(
                of(Family.OIL_ENTRY),
                or(p.oilEntry(), oilBeside().mapToDouble(this::beside).toArray()));
        rows.put(of(Family.EVEN_WEAR), engine(Cause.EVEN_WEAR));
        rows.put(of(Family.OUTSIDE_LEAK), engine(Cause.OUTSIDE));
        rows.put(of(Family.CAM_TIMING), engine(Cause.CAM_TIMING));
        rows.put(of(Family.ALL_ALIKE), engine(Cause.ALL_ALIKE));
        rows.put(of(Family.CRANKCASE_AIR), engine(Cause.CRANKCASE_AIR));
        rows.put(of(Family.BEARINGS), beside(Fault.BEARINGS));
        rows.put(of(Family.NOTHING_WRONG), nothingWrong());
        if (n > 1) {
            somewhere(rows, Family.RINGS);
            somewhere(rows, Family.VALVE_LEAK);
        }
        return rows;
    }

    /** Nothing that the model holds, and nothing beside it. */
    private double nothingWrong() {
        return beside.values().stream().reduce(p.nothingWrong(), (nothing, other) -> nothing * (1 - other));
    }

    /** Likely somewhere but nowhere in particular: else n-fold splitting would sink the right family. */
    private void somewhere(Map<Row, Double> rows, Family family) {
        double none = 1;
        double most = 0;
        for (int c = 0; c < n; c++) {
            double here = rows.get(new Row(family, List.of(c), false));
            none *= 1 - here;
            most = Math.max(most, here);
        }
        double any = 1 - none;
        if (any >= WORTH_A_ROW_SOMEWHERE && most < NOWHERE_IN_PARTICULAR * any) {
            rows.put(new Row(family, List.of(), true), any);
        }
    }

    private static Row of(Family family) {
        return new Row(family, List.of(), false);
    }

    /** Ways for oil that no seal test reads. */
    private Stream<Fault> oilBeside() {
        return beside.keySet().stream()
                .filter(f -> f.family().filter(x -> x == Family.OIL_ENTRY).isPresent());
    }

    private double beside(Fault fault) {
        return beside.getOrDefault(fault, 0.0);
    }

    private static double or(double one, double... others) {
        double none = 1 - one;
        for (double q : others) {
            none *= 1 - q;
        }
        return 1 - none;
    }

    private double at(Cause cause, int c) {
        return p.of(new Member(cause, c, -1));
    }

    private double engine(Cause cause) {
        return p.of(new Member(cause, -1, -1));
    }

    private double sum(List<Cause> causes, int c) {
        return Math.min(1, causes.stream().mapToDouble(x -> at(x, c)).sum());
    }

    /** What a row is made of, likeliest first. */
    List<Part> parts(Row row) {
        List<Part> parts = new ArrayList<>();
        switch (row.family()) {
            case RINGS -> ofCylinders(parts, RINGS, row);
            case VALVE_LEAK -> ofCylinders(parts, VALVES, row);
            case VALVE_MOTION -> ofCylinders(parts, List.of(Cause.VALVE_NOT_OPENING), row);
            case WATER_ENTRY -> {
                everywhere(parts, List.of(Cause.WATER));
                parts.add(new Part(Fault.EXHAUST_WATER, List.of(), engine(Cause.EXHAUST_WATER)));
            }
            case OIL_ENTRY -> {
                OIL.forEach(c -> parts.add(new Part(c.fault(), List.of(), engine(c))));
                everywhere(parts, OIL_HERE);
                oilBeside().forEach(f -> parts.add(new Part(f, List.of(), beside(f))));
            }
            case GASKET_BETWEEN -> parts.add(new Part(Fault.GASKET_BETWEEN, row.cylinders(), all().get(row)));
            case EVEN_WEAR -> parts.add(new Part(Fault.EVEN_WEAR, List.of(), engine(Cause.EVEN_WEAR)));
            case OUTSIDE_LEAK -> parts.add(new Part(Fault.OUTSIDE_LEAK, List.of(), engine(Cause.OUTSIDE)));
            case CAM_TIMING -> parts.add(new Part(Fault.CAM_TIMING, List.of(), engine(Cause.CAM_TIMING)));
            case ALL_ALIKE -> parts.add(new Part(Fault.ALL_ALIKE, List.of(), engine(Cause.ALL_ALIKE)));
            case CRANKCASE_AIR -> parts.add(new Part(Fault.CRANKCASE_AIR, List.of(), engine(Cause.CRANKCASE_AIR)));
            case BEARINGS -> parts.add(new Part(Fault.BEARINGS, List.of(), beside(Fault.BEARINGS)));
            case NOTHING_WRONG -> parts.add(new Part(Fault.NOTHING_WRONG, List.of(), nothingWrong()));
        }
        parts.sort(Comparator.comparingDouble(Part::probability).reversed());
        return parts;
    }

    private void ofCylinders(List<Part> to, List<Cause> causes, Row row) {
        if (row.somewhere()) {
            everywhere(to, causes);
            return;
        }
        for (Cause cause : causes) {
            to.add(new Part(
                    cause.fault(), row.cylinders(), at(cause, row.cylinders().get(0))));
        }
    }

    private void everywhere(List<Part> to, List<Cause> causes) {
        for (Cause cause : causes) {
            for (int c = 0; c < n; c++) {
                to.add(new Part(cause.fault(), List.of(c), at(cause, c)));
            }
        }
    }
}
