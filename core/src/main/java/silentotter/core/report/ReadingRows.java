package silentotter.core.report;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.CylinderResult;
import silentotter.core.compression.CylinderResult.Standing;
import silentotter.core.compression.CylinderValue;
import silentotter.core.compression.PassKind;
import silentotter.core.diagnosis.DoubtedReading;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.leakdown.CylinderLeak;
import silentotter.core.plugs.PlugLook;
import silentotter.core.plugs.PlugReading;
import silentotter.core.report.Report.Cell;
import silentotter.core.wording.Units.Figure;
import silentotter.core.wording.Wording;

/** What was read of each cylinder, in the order of the round: only rows in which something stands. */
final class ReadingRows {
    /** A row before it is laid out in bands. */
    record Line(String name, String unit, boolean inWords, Map<CylinderNumber, Cell> cells) {}

    private static final Set<PlugLook> QUIET = Set.of(PlugLook.TAN, PlugLook.PALE, PlugLook.SOOT);

    private final Interpretation said;
    private final Wording wording;

    ReadingRows(Interpretation said, Wording wording) {
        this.said = said;
        this.wording = wording;
    }

    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        List<CompressionPass> passes = said.record().all(CompressionPass.class);
        for (CompressionPass pass : passes) {
            List<CompressionPass> alike =
                    passes.stream().filter(p -> p.kind() == pass.kind()).toList();
            String name = pass.kind() == PassKind.DRY ? "Compression" : "with oil";
            lines.add(compression(alike.size() > 1 ? name + " " + (alike.indexOf(pass) + 1) : name, pass));
        }
        Map<CylinderNumber, CylinderLeak> leaks = said.leakdown().cylinders();
        lines.add(new Line(
                "Leak-down",
                "% lost",
                false,
                each(leaks, l -> cell(Math.round(l.reading().percent()) + "", l.leaks(), "LEAKDOWN", l.cylinder()))));
        lines.add(new Line(
                "as area",
                "mm²",
                false,
                each(
                        leaks,
                        l -> l.area()
                                .map(a -> cell(
                                        figure("mm2", a.best().squareMm()).number(),
                                        l.leaks(),
                                        "LEAKDOWN",
                                        l.cylinder()))
                                .orElse(Cell.EMPTY))));
        lines.add(new Line(
                "heard at",
                "",
                true,
                each(
                        leaks,
                        l -> new Cell(
                                l.paths().stream()
                                        .map(p -> p.place().words() + " "
                                                + p.heard().words())
                                        .collect(Collectors.joining(", ")),
                                l.leaks(),
                                false))));
        lines.add(new Line(
                "Plugs",
                "",
                true,
                each(
                        said.said()
                                .of(PlugReading.class, ExaminationReading.NOTHING.plugs())
                                .looks(),
                        look -> new Cell(look.words(), !QUIET.contains(look), false))));
        return lines.stream()
                .filter(l -> l.cells().values().stream().anyMatch(c -> !c.text().isEmpty()))
                .toList();
    }

    private Line compression(String name, CompressionPass pass) {
        Map<CylinderNumber, CylinderResult> results = said.compression().cylinders();
        Map<CylinderNumber, Cell> cells = new LinkedHashMap<>();
        for (CylinderNumber c : said.engine().arrangement().cylinders()) {
            List<CompressionReading> read = pass.of(c);
            if (!read.isEmpty()) {
                boolean low = results.containsKey(c) && results.get(c).standing() == Standing.LOW;
                cells.put(
                        c, cell(figure("kPa", CylinderValue.middle(read).kPa()).number(), low, "COMPRESSION", c));
            }
        }
        return new Line(name, figure("kPa", 0).unit(), false, cells);
    }

    private Cell cell(String text, boolean loss, String test, CylinderNumber c) {
        boolean doubted = said.diagnosis().measuring().stream()
                .filter(DoubtedReading::named)
                .anyMatch(d -> d.test().equals(test) && d.cylinders().contains(c));
        // What explains a low figure without a leak clears its cylinder, and then it is not marked as one.
        boolean cleared = Optional.ofNullable(said.diagnosis().cylinders().get(c))
                .filter(v -> v.tone() == Tone.SOUND)
                .isPresent();
        return new Cell(text, loss && !cleared, doubted);
    }

    private Figure figure(String mark, double base) {
        return wording.units().figure(mark, base).orElseThrow();
    }

    private static <T> Map<CylinderNumber, Cell> each(Map<CylinderNumber, T> of, Function<T, Cell> cell) {
        Map<CylinderNumber, Cell> cells = new LinkedHashMap<>();
        of.forEach((c, value) -> cells.put(c, cell.apply(value)));
        return cells;
    }
}
