package silentotter.app.blowby;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import silentotter.app.change.Step;
import silentotter.app.part.CsvTable;
import silentotter.app.part.CsvTable.Column;
import silentotter.app.part.Filed.Placed;
import silentotter.core.blowby.BlowbyDocument;
import silentotter.core.blowby.BlowbyPoint;
import silentotter.core.blowby.CrankcaseGauge;
import silentotter.core.blowby.CrankcaseVent;
import silentotter.core.blowby.SetUpCheck;
import silentotter.core.blowby.TubeKind;
import silentotter.core.input.Problems;

/** Readings of crankcase pressure as comma-separated values, one line a reading; what was checked stands with blanks between. */
final class BlowbyCsv {
    private static final List<Column<StoredBlowby>> COLUMNS = List.of(
            Column.needed("point", r -> r.reading().point()),
            Column.of("ventilation", r -> r.reading().ventilation()),
            Column.of("rpm", r -> r.reading().rpm()),
            Column.of("adapter", r -> r.reading().adapter()),
            Column.of("orifice_mm", r -> r.reading().orificeMm()),
            Column.of("discharge_coefficient", r -> r.reading().dischargeCoefficient()),
            Column.of("orifice_from_mm", r -> r.reading().orificeFromMm()),
            Column.of("orifice_to_mm", r -> r.reading().orificeToMm()),
            Column.needed("instrument", r -> r.reading().instrument()),
            Column.of("gauge", r -> r.reading().gauge()),
            Column.of("tube", r -> r.reading().tube()),
            Column.of("incline_deg", r -> r.reading().inclineDeg()),
            Column.of("up_mm", r -> leg(r, 0)),
            Column.of("down_mm", r -> leg(r, 1)),
            Column.of("one_leg_mm", r -> r.reading().oneLegMm()),
            Column.of("height_mm", r -> r.reading().heightMm()),
            Column.of("fluid_density", r -> r.reading().fluidDensity()),
            Column.of("pressure_pa", r -> r.reading().pressurePa()),
            Column.of("resolution_pa", r -> r.reading().resolutionPa()),
            Column.of("gas_temperature_c", r -> r.reading().gasTemperatureC()),
            Column.of("pulsing", r -> Boolean.TRUE.equals(r.reading().pulsing()) ? "yes" : null),
            Column.of("checked", BlowbyCsv::checked),
            Column.of("set_aside", StoredBlowby::setAside),
            Column.of("taken_at", StoredBlowby::takenAt));

    private BlowbyCsv() {}

    private static @Nullable Double leg(StoredBlowby r, int at) {
        return r.reading().legsMm() == null ? null : r.reading().legsMm().get(at);
    }

    private static @Nullable String checked(StoredBlowby r) {
        return r.reading().checked() == null
                ? null
                : r.reading().checked().stream().sorted().map(SetUpCheck::name).collect(Collectors.joining(" "));
    }

    static String write(List<StoredBlowby> readings) {
        return CsvTable.write(COLUMNS, readings);
    }

    /** @throws silentotter.core.input.InvalidInput with everything that is wrong with its form, by line */
    static List<Placed<StoredBlowby>> read(byte[] content) {
        Problems problems = new Problems();
        List<Placed<StoredBlowby>> readings = new ArrayList<>();
        for (CsvTable.Line line : CsvTable.read(content, COLUMNS)) {
            readings.add(new Placed<>(line.at(), reading(line, problems)));
        }
        problems.throwIfAny();
        return readings;
    }

    private static StoredBlowby reading(CsvTable.Line line, Problems problems) {
        BlowbyPoint point = line.choice(BlowbyPoint.class, "point", problems).orElse(BlowbyPoint.IDLE);
        CrankcaseVent usual = point == BlowbyPoint.AS_FOUND ? CrankcaseVent.AS_FOUND : CrankcaseVent.SHUT;
        Double up = line.number("up_mm", problems).orElse(null);
        Double down = line.number("down_mm", problems).orElse(null);
        Set<SetUpCheck> checked = new TreeSet<>();
        for (String word : line.get("checked").split("\\s+")) {
            if (!word.isEmpty()) {
                line.part("checked", word).choice(SetUpCheck.class, problems).ifPresent(checked::add);
            }
        }
        BlowbyDocument reading = new BlowbyDocument(
                point,
                line.choice(CrankcaseVent.class, "ventilation", problems).orElse(usual),
                line.number("rpm", problems).orElse(null),
                line.text("adapter").orElse(null),
                line.number("orifice_mm", problems).orElse(null),
                line.number("discharge_coefficient", problems).orElse(null),
                line.number("orifice_from_mm", problems).orElse(null),
                line.number("orifice_to_mm", problems).orElse(null),
                line.choice(CrankcaseGauge.class, "instrument", problems).orElse(CrankcaseGauge.DIGITAL),
                line.text("gauge").orElse(null),
                line.choice(TubeKind.class, "tube", problems).orElse(null),
                line.number("incline_deg", problems).orElse(null),
                up == null && down == null ? null : List.of(up == null ? 0 : up, down == null ? 0 : down),
                line.number("one_leg_mm", problems).orElse(null),
                line.number("height_mm", problems).orElse(null),
                line.number("fluid_density", problems).orElse(null),
                line.number("pressure_pa", problems).orElse(null),
                line.number("resolution_pa", problems).orElse(null),
                line.number("gas_temperature_c", problems).orElse(null),
                line.text("pulsing").map("yes"::equalsIgnoreCase).orElse(null),
                line.get("checked").isEmpty() ? null : checked);
        String setAside = line.text("set_aside").orElse(null);
        problems.text(line.at(), setAside, Step.LONGEST_REASON);
        return new StoredBlowby(
                0, reading, setAside, line.moment("taken_at", problems).orElse(null));
    }
}
