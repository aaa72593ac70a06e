package silentotter.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.decision.Option;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.engine.Engine;
import silentotter.core.engine.Size;
import silentotter.core.fault.Family;
import silentotter.core.finding.Shop;
import silentotter.core.hidden.RoundDone;
import silentotter.core.hidden.Workshop;
import silentotter.core.interpretation.Interpretation;
import silentotter.core.interpretation.Interpreter;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.Place;
import silentotter.core.planning.Plan;
import silentotter.core.planning.Planner;
import silentotter.core.quantity.Pressure;
import silentotter.core.report.Letterhead;
import silentotter.core.report.Report;
import silentotter.core.report.ReportWriter;
import silentotter.core.wording.Units;
import silentotter.core.wording.Wording;

/**
 * Rounds as a clumsy hand leaves them: wrong units, wrong cylinders, twice, half, absurd. Whatever may be stored is
 * answered, and what must hold of every answer holds. {@code -Dotter.rounds=1000} for the long version.
 */
class OddRoundsTest {
    private static final int ROUNDS = Integer.getInteger("otter.rounds", 120);
    /** Every so-manieth round is planned too: a plan takes ten times as long as an answer. */
    private static final int PLANNED = 6;

    private static final double[] UNIT_SLIPS = {1, 1, 1, 6.895, 1 / 6.895, 10, .1, 100, .01};
    private static final double MOST_KPA = 7000;

    private static final Size UNKNOWN =
            new Size(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    @Test
    void everyAnswerIsWhole() {
        for (int seed = 1; seed <= ROUNDS; seed++) {
            JobRecord odd = odd(seed);
            Interpretation said = Interpreter.interpret(odd, Shop.USUAL);
            assertThat(said.notComputed()).as("round %d", seed).isEmpty();
            whole(said.diagnosis(), odd, "round " + seed);
            if (seed % PLANNED == 0) {
                Plan plan = Planner.plan(said, Shop.USUAL);
                planned(plan, "round " + seed);
                reported(said, plan, "round " + seed);
            }
        }
    }

    /** What is handed over is finished: no mark is left in it, and every cylinder stands in it once. */
    private static void reported(Interpretation said, Plan plan, String name) {
        Report report = ReportWriter.write(
                said, plan, Letterhead.NONE, 7, new Wording(said.engine(), Units.of("psi, F, US qt")));
        assertThat(report.toString()).as(name).doesNotContain("{cyl:", "{kPa:", "{mm2:", "{mL:", "null");
        assertThat(report.verdict().what()).as(name).isNotBlank();
        assertThat(report.toDo().first()).as(name).isNotBlank();
        assertThat(report.bands().stream().flatMap(b -> b.columns().stream()).map(Report.Column::cylinder))
                .as(name)
                .containsExactlyInAnyOrderElementsOf(said.engine().arrangement().cylinders());
    }

    private static void planned(Plan plan, String round) {
        assertThat(plan.next()).as(round).isNotBlank();
        assertThat(plan.steps()).as(round).allSatisfy(step -> {
            assertThat(step.minutes()).isPositive().isFinite();
            assertThat(step.gain()).isNotNegative().isFinite();
        });
        assertThat(plan.decision().options()).as(round).isNotEmpty().allSatisfy(o -> {
            assertThat(o.expectedLoss()).isNotNegative().isFinite();
            assertThat(o.cures()).isBetween(0.0, 1.0);
        });
        assertThat(plan.decision().options().stream()
                        .filter(Option::recommended)
                        .count())
                .as(round)
                .isLessThanOrEqualTo(1);
    }

    private static void whole(Diagnosis d, JobRecord record, String round) {
        assertThat(d.cylinders().keySet())
                .as(round)
                .containsExactlyInAnyOrderElementsOf(
                        record.engine().arrangement().cylinders());
        assertThat(d.next()).as(round).isNotEmpty().allSatisfy(step -> {
            assertThat(step.minutes()).isNotNegative();
            assertThat(step.text()).isNotBlank();
        });
        Set<String> ids = d.findings().stream().map(WeighedFinding::id).collect(Collectors.toSet());
        assertThat(ids).as("%s: findings have names of their own", round).hasSameSizeAs(d.findings());
        assertThat(ids).as(round).containsAll(d.reasons());
        assertThat(d.measuring()).as(round).allSatisfy(m -> {
            assertThat(m.probability()).isBetween(0.0, 1.0);
            assertThat(m.named()).isEqualTo(m.probability() >= Doubts.NAMED);
            assertThat(m.remedy()).isNotBlank();
        });
        if (d.doesNotFit().isPresent()) {
            assertThat(d.paths())
                    .as("%s: nothing is drawn solid where something does not fit", round)
                    .extracting(EscapePath::sureness)
                    .doesNotContain(Sureness.NEAR_CERTAIN, Sureness.LIKELY);
        }
        for (int i = 0; i < d.suspects().size(); i++) {
            suspect(d, i, round);
        }
    }

    private static void suspect(Diagnosis d, int at, String round) {
        Suspect s = d.suspects().get(at);
        String which = round + ", " + s.text();
        assertThat(s.probability()).as(which).isBetween(0.0, 1.0);
        assertThat(s.low()).as(which).isBetween(0.0, s.probability() + 1e-9);
        assertThat(s.high()).as(which).isBetween(s.probability() - 1e-9, 1.0);
        assertThat(s.odds()).as(which).isEqualTo(Odds.of(s.probability()));
        double members = s.members().stream()
                .mapToDouble(Suspect.SuspectMember::probability)
                .max()
                .orElse(0);
        assertThat(members).as("%s: a member is in its row", which).isLessThanOrEqualTo(s.probability() + 1e-6);
        double entries = 0;
        for (WeighedFinding f : d.findings()) {
            assertThat(f.evidence()).as(which).allSatisfy(e -> {
                assertThat(e.decibans()).isFinite();
                assertThat(e.suspect()).isBetween(0, d.suspects().size() - 1);
                assertThat(e.reason()).isNotBlank();
            });
            entries += f.decibansFor(at);
        }
        if (s.family() != Family.NOTHING_WRONG && s.probability() > 1e-3 && s.probability() < 1 - 1e-3) {
            double lnOdds =
                    Math.log(10) / 10 * (entries + s.togetherDecibans()) + Math.log(s.prior() / (1 - s.prior()));
            assertThat(1 / (1 + Math.exp(-lnOdds)))
                    .as(
                            "%s: prior and entries add up; prior %s entries %s together %s",
                            which, s.prior(), entries, s.togetherDecibans())
                    .isCloseTo(s.probability(), within(2e-3));
        }
    }

    /** A workshop's round as it was, then mistreated. */
    private static JobRecord odd(int seed) {
        Random random = new Random(seed);
        JobRecord record = Workshop.job(seed, RoundDone.MIXED).record();
        int cylinders = record.engine().arrangement().count();
        List<Observation> observed = new ArrayList<>();
        for (Observation o : record.observed()) {
            if (random.nextInt(8) == 0) {
                continue;
            }
            if (o instanceof CompressionPass pass) {
                observed.add(odd(pass, cylinders, random));
            } else if (o instanceof LeakdownReading reading && random.nextInt(3) == 0) {
                observed.add(reading);
                observed.add(odd(reading, cylinders, random));
            } else {
                observed.add(o);
            }
        }
        Engine engine = record.engine();
        return new JobRecord(random.nextInt(4) == 0 ? unknown(engine) : engine, record.job(), observed);
    }

    private static Engine unknown(Engine e) {
        return new Engine(
                e.name(),
                e.arrangement(),
                e.labels(),
                e.firingOrder(),
                e.rotation(),
                e.traits(),
                UNKNOWN,
                e.limits(),
                e.oil());
    }

    private static CompressionPass odd(CompressionPass pass, int cylinders, Random random) {
        List<CompressionReading> readings = new ArrayList<>();
        for (CompressionReading r : pass.readings()) {
            switch (random.nextInt(7)) {
                case 0 -> {}
                case 1 -> readings.add(read(r, r.cylinder(), random.nextDouble() * MOST_KPA));
                case 2 ->
                    readings.add(read(
                            r,
                            CylinderNumber.of(1 + random.nextInt(cylinders)),
                            r.value().kPa()));
                case 3 -> {
                    readings.add(r);
                    readings.add(read(r, r.cylinder(), r.value().kPa() * (.7 + .6 * random.nextDouble())));
                }
                case 4 -> readings.add(read(r, r.cylinder(), random.nextBoolean() ? 0 : MOST_KPA));
                default -> {
                    double slip = UNIT_SLIPS[random.nextInt(UNIT_SLIPS.length)];
                    readings.add(read(
                            r, r.cylinder(), Math.min(MOST_KPA, slip * r.value().kPa())));
                }
            }
        }
        return new CompressionPass(pass.kind(), pass.conditions(), readings);
    }

    private static CompressionReading read(CompressionReading like, CylinderNumber on, double kPa) {
        return new CompressionReading(
                on, like.order(), List.of(Pressure.ofKPa(kPa)), true, like.oil(), Optional.empty(), like.takenAt());
    }

    private static LeakdownReading odd(LeakdownReading r, int cylinders, Random random) {
        Heard[] heard = Heard.values();
        return new LeakdownReading(
                random.nextBoolean() ? r.cylinder() : CylinderNumber.of(1 + random.nextInt(cylinders)),
                r.order() + 1,
                r.kind(),
                r.tester(),
                random.nextInt(3) == 0 ? (random.nextBoolean() ? 0 : 100) : 100 * random.nextDouble(),
                r.state(),
                Optional.empty(),
                Map.of(
                        Place.INTAKE, heard[random.nextInt(heard.length)],
                        Place.CRANKCASE, heard[random.nextInt(heard.length)],
                        Place.COOLANT, heard[random.nextInt(heard.length)]),
                Map.of(),
                Set.of(),
                List.of(),
                Optional.empty());
    }
}
