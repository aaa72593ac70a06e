package silentotter.core.report;

import java.util.List;
import java.util.Optional;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.finding.PathKind;

/**
 * A report as it is handed over: finished sentences, in the units and with the labels of whoever reads. What a person typed
 * stands in it as it was typed.
 *
 * @param bands the section with its readings, as many cylinders beside each other as a page is wide for
 * @param wholeEngine readings that are of no cylinder
 */
public record Report(
        Heading heading,
        Verdict verdict,
        List<Band> bands,
        List<Entry> wholeEngine,
        ToDo toDo,
        List<String> open,
        List<String> notSeen,
        List<String> cautions,
        Technical technical) {

    /** Something that has a name. */
    public record Entry(String label, String text) {}

    /**
     * Whose engine it is and who looked at it.
     *
     * @param shop, line, owner and craft empty where nobody said
     * @param block the title block
     * @param foot what stands on every page: engine, job, revision
     */
    public record Heading(String shop, String line, String owner, String craft, List<Entry> block, String foot) {}

    /**
     * The verdict in the owner's words.
     *
     * @param sure how sure it is, in words and of a hundred such engines
     * @param beside what else is said: further faults, the cylinders that are sound, those that were not tested
     * @param alarm whether the engine must not run
     */
    public record Verdict(String what, String sure, List<String> beside, boolean alarm) {}

    /**
     * Cylinders that stand beside each other.
     *
     * @param rows one cell for each of them
     */
    public record Band(List<Column> columns, List<Row> rows) {}

    /**
     * One cylinder of a band.
     *
     * @param gap whether another bank begins here, with room before it
     * @param bank its name above the first cylinder of each bank; empty on an engine in line
     */
    public record Column(CylinderNumber cylinder, String label, String bank, boolean gap, List<CallOut> callOuts) {}

    /** What stands under a cylinder. @param oil whether it is about oil. @param figure whether it is a figure */
    public record CallOut(String text, boolean oil, boolean figure) {}

    public record Row(String name, String unit, boolean inWords, List<Cell> cells) {}

    /** @param loss whether it speaks of a loss of seal; @param doubted whether it is not believed */
    public record Cell(String text, boolean loss, boolean doubted) {
        static final Cell EMPTY = new Cell("", false, false);
    }

    /**
     * What to do.
     *
     * @param first in bold: one action
     * @param further what follows, what it costs where the shop said that, what to watch until then
     */
    public record ToDo(String first, List<String> further) {}

    /** How it was found. */
    public record Technical(
            List<Entry> measured,
            List<String> doubted,
            Optional<Weighed> weighed,
            List<School> schools,
            List<Suspected> suspects,
            List<Entry> cylinders,
            List<String> seen,
            List<String> oil,
            List<String> unknown,
            List<PathKind> drawn) {}

    /** What weighed most. @param of the suspect in whose row */
    public record Weighed(String of, List<Weight> weights) {}

    /** @param notches powers of ten of the odds; negative against */
    public record Weight(String finding, double notches) {}

    /** @param fails whether it says that the engine does not pass */
    public record School(String rule, String says, boolean fails) {}

    /** @param odds from and to, of a hundred; empty where nothing was tested for it */
    public record Suspected(String text, String odds) {}
}
