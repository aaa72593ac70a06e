package silentotter.core.interpretation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import silentotter.core.diagnosis.CylinderVerdict;
import silentotter.core.diagnosis.Diagnosed;
import silentotter.core.diagnosis.Diagnosis;
import silentotter.core.diagnosis.Diagnostician;
import silentotter.core.diagnosis.Headline;
import silentotter.core.diagnosis.Tone;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.examination.ExaminationReading;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;
import silentotter.core.plugs.PlugReading;
import silentotter.core.round.Station;

/**
 * Works out what a record says, station by station in the order of the round. Pure: the same record in the same shop says
 * the same. Whatever fails on the way is said and leaves the rest standing: a reading that was taken is never refused
 * because of what is made of it.
 */
public final class Interpreter {
    private static final System.Logger LOG = System.getLogger(Interpreter.class.getName());

    private final JobRecord record;
    private final Shop shop;
    private final List<String> notComputed = new ArrayList<>();

    private Interpreter(JobRecord record, Shop shop) {
        this.record = record;
        this.shop = shop;
    }

    public static Interpretation interpret(JobRecord record, Shop shop) {
        return new Interpreter(record, shop).interpretation();
    }

    private Interpretation interpretation() {
        Said said = Said.NOTHING;
        for (Station station : Station.values()) {
            said = read(station.ways(), said);
        }
        Said all = said;
        Engine engine = record.engine();
        PlugReading plugs = all.of(PlugReading.class, ExaminationReading.NOTHING.plugs());
        ExaminationReading seen = orElse(
                () -> ExaminationReading.of(engine, plugs, all.findings()),
                () -> ExaminationReading.NOTHING,
                "The findings could not be weighed together. They are kept.");
        Optional<Diagnosed> diagnosed = orElse(
                () -> Optional.of(Diagnostician.diagnose(record, shop, all, seen)),
                Optional::empty,
                "The verdict could not be worked out. What was measured and seen stands as it is.");
        return new Interpretation(
                record,
                all,
                seen,
                diagnosed.orElseGet(() -> new Diagnosed(undecided(engine), Map.of(), Set.of())),
                List.copyOf(notComputed));
    }

    private Said read(List<Station.Way> ways, Said before) {
        if (ways.isEmpty()) {
            return before;
        }
        Station.Way first = ways.get(0);
        return orElse(
                () -> first.work().read(record, shop, before),
                () -> read(ways.subList(1, ways.size()), before),
                first.otherwise());
    }

    private <T> T orElse(Supplier<T> wanted, Supplier<T> otherwise, String words) {
        try {
            return wanted.get();
        } catch (RuntimeException e) {
            LOG.log(System.Logger.Level.ERROR, words, e);
            notComputed.add(words);
            return otherwise.get();
        }
    }

    private static Diagnosis undecided(Engine engine) {
        Map<CylinderNumber, CylinderVerdict> cylinders = new LinkedHashMap<>();
        engine.arrangement()
                .cylinders()
                .forEach(c ->
                        cylinders.put(c, new CylinderVerdict(Tone.DOUBT, "Cannot be judged yet", "", List.of(), "")));
        return new Diagnosis(
                Tone.DOUBT,
                new Headline(
                        new Headline.HeadlineLine("Cannot be judged yet", 0, ""),
                        Optional.empty(),
                        "Read the values themselves."),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                cylinders,
                List.of(),
                true,
                Optional.empty());
    }
}
