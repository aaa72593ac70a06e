package silentotter.core.practice;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineDocument;
import silentotter.core.engine.EngineReader;
import silentotter.core.examination.Examination;
import silentotter.core.fault.Fault;
import silentotter.core.hidden.Equipment;
import silentotter.core.hidden.HiddenBench;
import silentotter.core.hidden.HiddenFault;
import silentotter.core.intake.Intake;

/**
 * A case to practise on, told by its key alone: {@code lesson-7}, or a difficulty and a seed that can be shared, {@code
 * hard-4711}. The same key is the same engine everywhere.
 *
 * @param key as it is shared
 * @param complaint as the owner tells it
 * @param lesson empty for a random one
 */
public record PracticeCase(
        String key, EngineDocument engine, String complaint, Optional<Lesson> lesson, HiddenBench bench) {
    private static final Pattern KEY = Pattern.compile("(lesson|easy|usual|hard)-([0-9]{1,9})");
    private static final int MOST_DRAWS = 400;
    /** Below this a fault of one cylinder is hard to tell from none, mm². */
    private static final double PLAIN_MM2 = 2;

    private static final List<Fault> PLAIN =
            List.of(Fault.RING_SEAL, Fault.BROKEN, Fault.EXHAUST_VALVE, Fault.INTAKE_VALVE, Fault.GASKET_BETWEEN);

    /** @param key of any case @return empty when there is no such case */
    public static Optional<PracticeCase> of(String key) {
        Matcher matcher = KEY.matcher(key.strip().toLowerCase(Locale.ROOT));
        if (!matcher.matches()) {
            return Optional.empty();
        }
        int number = Integer.parseInt(matcher.group(2));
        if (matcher.group(1).equals("lesson")) {
            return Lesson.of(number).map(PracticeCase::lesson);
        }
        return Optional.of(drawn(Difficulty.valueOf(matcher.group(1).toUpperCase(Locale.ROOT)), number));
    }

    /** A case that nobody has made. @param seed 0 to 999 999 999 */
    public static PracticeCase drawn(Difficulty difficulty, int seed) {
        Random random = new Random(seed);
        PracticeEngines kind = difficulty == Difficulty.EASY
                ? PracticeEngines.FOUR
                : PracticeEngines.values()[random.nextInt(PracticeEngines.values().length)];
        boolean dishonest = difficulty == Difficulty.HARD && random.nextBoolean();
        Equipment equipment = dishonest
                ? random.nextBoolean() ? new Equipment(1.3 + .5 * random.nextDouble(), 0) : new Equipment(1, 1.2)
                : Equipment.HONEST;
        EngineDocument document = kind.document();
        Engine engine = EngineReader.read(document);
        List<HiddenFault> faults = HiddenBench.drawn(seed, 0, engine);
        for (int at = 1; at < MOST_DRAWS && !suits(difficulty, dishonest, faults); at++) {
            faults = HiddenBench.drawn(seed, at, engine);
        }
        HiddenBench bench = HiddenBench.of(seed, engine, faults, equipment);
        return new PracticeCase(
                difficulty.name().toLowerCase(Locale.ROOT) + "-" + seed,
                document,
                Owner.tells(intake(bench), random),
                Optional.empty(),
                bench);
    }

    private static boolean suits(Difficulty difficulty, boolean dishonest, List<HiddenFault> faults) {
        return switch (difficulty) {
            case EASY ->
                faults.size() == 1
                        && PLAIN.contains(faults.get(0).fault())
                        && faults.get(0).size() >= PLAIN_MM2;
            case USUAL -> faults.size() <= 1;
            case HARD -> dishonest ? faults.size() == 1 : faults.size() == 2;
        };
    }

    private static PracticeCase lesson(Lesson lesson) {
        EngineDocument document = lesson.engine().document();
        HiddenBench bench = HiddenBench.of(
                        lesson.number() * 37L,
                        EngineReader.read(document),
                        lesson.hidden().faults(),
                        lesson.hidden().equipment())
                .telling(lesson.told());
        return new PracticeCase("lesson-" + lesson.number(), document, lesson.complaint(), Optional.of(lesson), bench);
    }

    /**
     * A case that a shop made of its own job.
     *
     * @param key as it is shared within that shop
     * @param seed of everything that was not found
     * @param engine with its bore and stroke
     */
    public static PracticeCase own(String key, int seed, EngineDocument engine, List<HiddenFault> faults) {
        HiddenBench bench = HiddenBench.of(seed + 7001L, EngineReader.read(engine), faults, Equipment.HONEST);
        return new PracticeCase(key, engine, Owner.tells(intake(bench), new Random(seed)), Optional.empty(), bench);
    }

    private static Intake intake(HiddenBench bench) {
        return bench.job().record().last(Examination.class, Examination.EMPTY).intake();
    }
}
