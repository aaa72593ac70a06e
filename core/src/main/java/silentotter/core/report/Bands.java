package silentotter.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import silentotter.core.diagnosis.EscapePath;
import silentotter.core.diagnosis.Sureness;
import silentotter.core.engine.Arrangement;
import silentotter.core.engine.Bank;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.report.Report.Band;
import silentotter.core.report.Report.CallOut;
import silentotter.core.report.Report.Cell;
import silentotter.core.report.Report.Column;
import silentotter.core.wording.Labels;
import silentotter.core.wording.Say;
import silentotter.core.wording.Wording;

/** The engine as it stands on a page: as many cylinders beside each other as can be read, the rest below. */
final class Bands {
    /** More beside each other, and their figures run into each other at a size that can be read. */
    private static final int WIDEST = 8;

    private final Interpretation said;
    private final Wording wording;
    private final List<ReadingRows.Line> lines;

    Bands(Interpretation said, Wording wording) {
        this.said = said;
        this.wording = wording;
        lines = new ReadingRows(said, wording).lines();
    }

    List<Band> bands() {
        Arrangement arrangement = said.engine().arrangement();
        if (arrangement.count() <= WIDEST) {
            return List.of(band(arrangement.banks().stream()
                    .flatMap(b -> columns(b, b.cylinders()).stream())
                    .toList()));
        }
        List<Band> bands = new ArrayList<>();
        for (Bank bank : arrangement.banks()) {
            int rows = (bank.cylinders().size() + WIDEST - 1) / WIDEST;
            int wide = (bank.cylinders().size() + rows - 1) / rows;
            for (int from = 0; from < bank.cylinders().size(); from += wide) {
                int to = Math.min(bank.cylinders().size(), from + wide);
                bands.add(band(columns(bank, bank.cylinders().subList(from, to))));
            }
        }
        return bands;
    }

    private List<Column> columns(Bank bank, List<CylinderNumber> cylinders) {
        String name = switch (bank.side()) {
            case ONLY -> "";
            case LEFT -> "left bank";
            case RIGHT -> "right bank";
        };
        List<Column> columns = new ArrayList<>();
        for (CylinderNumber c : cylinders) {
            boolean first = columns.isEmpty();
            boolean gap = first && bank != said.engine().arrangement().banks().get(0);
            columns.add(new Column(c, said.engine().label(c), first ? name : "", gap, callOuts(c)));
        }
        return columns;
    }

    private Band band(List<Column> columns) {
        return new Band(
                columns,
                lines.stream()
                        .map(l -> new Report.Row(
                                l.name(),
                                l.unit(),
                                l.inWords(),
                                columns.stream()
                                        .map(c -> l.cells().getOrDefault(c.cylinder(), Cell.EMPTY))
                                        .toList()))
                        .toList());
    }

    private List<CallOut> callOuts(CylinderNumber cylinder) {
        List<EscapePath> all = said.diagnosis().paths().stream()
                .filter(p -> p.cylinder().equals(cylinder))
                .toList();
        List<EscapePath> leaks = all.stream().filter(p -> !p.kind().isOil()).toList();
        List<CallOut> callOuts = new ArrayList<>();
        leaks.stream()
                .flatMap(p -> p.area().stream())
                .findFirst()
                .ifPresent(a -> callOuts.add(new CallOut(wording.fill(Say.roughly(a)), false, true)));
        words(leaks).ifPresent(w -> callOuts.add(new CallOut(w, false, false)));
        words(all.stream()
                        .filter(p -> p.kind().isOil() && p.sureness() != Sureness.OPEN)
                        .toList())
                .ifPresent(w -> callOuts.add(new CallOut(w, true, false)));
        return callOuts;
    }

    /** The surest ways, and how sure they are. */
    private static Optional<String> words(List<EscapePath> paths) {
        return paths.stream()
                .map(EscapePath::sureness)
                .min(Sureness::compareTo)
                .map(surest -> surest == Sureness.OPEN
                        ? "which way is not known"
                        : String.join(
                                        " or ",
                                        paths.stream()
                                                .filter(p -> p.sureness() == surest)
                                                .map(p -> Labels.of(p.kind()))
                                                .distinct()
                                                .toList())
                                + ", " + surest.words());
    }
}
