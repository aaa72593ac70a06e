package silentotter.core.round;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import silentotter.core.blowby.BlowbyReading;
import silentotter.core.blowby.BlowbyWork;
import silentotter.core.blowby.RingFit;
import silentotter.core.compression.CompressionWork;
import silentotter.core.crankcase.CrankcaseHold;
import silentotter.core.crankcase.HoldRules;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.examination.LossyStep;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.finding.StationWork;
import silentotter.core.inside.InsideRules;
import silentotter.core.intake.IntakeRules;
import silentotter.core.job.JobRecord;
import silentotter.core.leakdown.LeakdownWork;
import silentotter.core.oil.OilEntry;
import silentotter.core.oil.OilWork;
import silentotter.core.plugs.PlugReader;
import silentotter.core.plugs.PlugReading;
import silentotter.core.plugs.PlugSchool;
import silentotter.core.signs.SignRules;
import silentotter.core.valves.ClearanceRules;
import silentotter.core.waveform.WaveformWork;

/**
 * The one table of stations, in the order of the work: which engines have it, the minutes it takes, what it needs, what it
 * spoils for others, and what makes findings of what was observed there. Minutes are trade practice: a technician who
 * has done it before.
 */
public enum Station {
    INTAKE(new Row(10, 0).reads((r, shop, said) -> said.found(IntakeRules.read(seen(r).intake())))),
    SIGNS(new Row(10, 0)
            .needs(EngineState.STOOD)
            .reads((r, shop, said) -> said.found(SignRules.read(seen(r).signs())))),
    SMOKE(new Row(8, 0).needs(EngineState.STOOD, EngineState.RUNNING).spoils(LossyStep.START_COLD)),
    BLOWBY(new Row(16, 0)
            .needs(EngineState.WARM, EngineState.RUNNING)
            .onlyOn(e -> !isTwoStroke(e))
            .orWhere(r -> !r.all(BlowbyReading.class).isEmpty())
            .reads(
                    (r, shop, said) -> BlowbyWork.read(r, shop, seen(r).signs(), said),
                    "Blow-by could not be worked out. The readings are kept.")),
    PLUGS(new Row(5, 2.8)
            .onlyOn(e -> !e.isDiesel())
            .orWhere(r -> !seen(r).plugs().plugs().isEmpty())
            .spoils(LossyStep.PULL_PLUGS)
            .reads(Station::plugs)),
    INSIDE(new Row(2, 2)
            .needs(EngineState.PLUGS_OUT)
            .reads((r, shop, said) -> said.found(InsideRules.read(seen(r).inside())))),
    CRANKCASE(new Row(15, 0)
            .onlyOn(Station::isTwoStroke)
            .orWhere(r -> !seen(r).crankcase().equals(CrankcaseHold.EMPTY))
            .reads((r, shop, said) ->
                    isTwoStroke(r.engine()) ? said.found(HoldRules.read(seen(r).crankcase())) : said)),
    COMPRESSION(new Row(5, 2)
            .needs(EngineState.WARM, EngineState.PLUGS_OUT)
            .spoils(LossyStep.POUR_OIL)
            .reads(
                    CompressionWork::read,
                    "Leak areas and the expected range could not be worked out for an engine of this size and timing. The"
                            + " readings are kept and compared with each other.")
            .reads(CompressionWork::withoutSize, "The compression readings could not be compared. They are kept.")
            .reads(CompressionWork::withoutReadings)),
    LEAKDOWN(new Row(6, 5)
            .needs(EngineState.WARM, EngineState.PLUGS_OUT)
            .reads(
                    (r, shop, said) -> RingFit.beside(r.engine(), LeakdownWork.read(r, shop, said))
                            .found(ClearanceRules.read(r.engine(), seen(r).valves())),
                    "Leak-down could not be worked out for this engine. The readings are kept.")),
    OIL(new Row(2, 0)
            .onlyOn(e -> !isTwoStroke(e))
            .orWhere(r -> !r.all(OilEntry.class).isEmpty())
            .reads(OilWork::read, "Oil use could not be worked out. The log is kept.")),
    LEDGER(new Row(0, 0).reads(WaveformWork::read, "The waveforms could not be worked out. They are kept.")),
    PLAN(new Row(0, 0)),
    VERDICT(new Row(0, 0)),
    FOUND(new Row(0, 0));

    private static final String NOT_READ =
            "What was seen before the gauges could not be read together. The findings are kept.";

    private final Row row;

    Station(Row row) {
        this.row = row;
    }

    /**
     * The stations of this engine in order: a diesel has no spark plugs, only a two-stroke shuts its crankcase. And those
     * that hold something from before the engine was known for what it is: nothing is hidden.
     */
    public static List<Station> of(JobRecord record) {
        return Arrays.stream(values())
                .filter(s -> s.row.has.test(record.engine()) || s.row.holds.test(record))
                .toList();
    }

    /** Minutes of work on this engine, about; 0 or more. */
    public int minutes(Engine engine) {
        return (int) Math.round(row.fixed + row.each * engine.arrangement().count());
    }

    public Set<EngineState> needs() {
        return row.needs;
    }

    public Set<LossyStep> spoils() {
        return row.spoils;
    }

    /** How it is read, the whole way first, then what is left to do where that fails, with the words for it. */
    public List<Way> ways() {
        return row.ways;
    }

    /** @param otherwise what is said when this way fails and the next one is taken */
    public record Way(StationWork work, String otherwise) {}

    private static boolean isTwoStroke(Engine engine) {
        return engine.cycle() == Cycle.TWO_STROKE;
    }

    private static Examination seen(JobRecord record) {
        return record.last(Examination.class, Examination.EMPTY);
    }

    private static Said plugs(JobRecord record, Shop shop, Said before) {
        Examination seen = seen(record);
        PlugReading plugs = PlugReader.read(record.engine(), seen.intake(), seen.plugs());
        return before.and(plugs).found(plugs.of(shop.choice(PlugSchool.class, PlugSchool.FULL_READING)));
    }

    /** A row of the table; each step gives a new one. */
    private record Row(
            double fixed,
            double each,
            Predicate<Engine> has,
            Predicate<JobRecord> holds,
            Set<EngineState> needs,
            Set<LossyStep> spoils,
            List<Way> ways) {
        Row(double fixed, double eachCylinder) {
            this(fixed, eachCylinder, e -> true, r -> false, Set.of(), Set.of(), List.of());
        }

        Row onlyOn(Predicate<Engine> engines) {
            return new Row(fixed, each, engines, holds, needs, spoils, ways);
        }

        Row orWhere(Predicate<JobRecord> something) {
            return new Row(fixed, each, has, something, needs, spoils, ways);
        }

        Row needs(EngineState... states) {
            return new Row(fixed, each, has, holds, Set.of(states), spoils, ways);
        }

        Row spoils(LossyStep... steps) {
            return new Row(fixed, each, has, holds, needs, Set.of(steps), ways);
        }

        Row reads(StationWork work) {
            return reads(work, NOT_READ);
        }

        /** One way more to read it, taken where those before fail. */
        Row reads(StationWork work, String otherwise) {
            List<Way> more = Stream.concat(ways.stream(), Stream.of(new Way(work, otherwise)))
                    .toList();
            return new Row(fixed, each, has, holds, needs, spoils, more);
        }
    }
}
