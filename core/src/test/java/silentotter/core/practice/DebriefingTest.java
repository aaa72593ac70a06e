package silentotter.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.CompressionPass;
import silentotter.core.compression.CompressionReading;
import silentotter.core.compression.PassKind;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.finding.Shop;
import silentotter.core.input.InvalidInput;
import silentotter.core.job.JobRecord;
import silentotter.core.job.Observation;
import silentotter.core.leakdown.Heard;
import silentotter.core.leakdown.LeakdownReading;
import silentotter.core.leakdown.LeakdownReading.LeakdownKind;
import silentotter.core.leakdown.Place;
import silentotter.core.quantity.Pressure;

/** What is said of slips: of the pen, of the ear, of the hand, and of what was spoiled. */
class DebriefingTest {
    private static final PracticeCase CASE = PracticeCase.of("lesson-2").orElseThrow();

    private static Deed deed(DeedKind kind, int cylinder) {
        return new Deed(kind, cylinder, true, true, true, kind == DeedKind.POUR_OIL ? 5 : 0);
    }

    private static Debrief debrief(List<Deed> deeds, Observation... written) {
        JobRecord whole = CASE.bench().job().record();
        return Debriefing.of(
                CASE,
                new PracticeBench(CASE, deeds),
                new JobRecord(whole.engine(), whole.job(), List.of(written)),
                new Verdict(Family.VALVE_LEAK, List.of(2), .8),
                Shop.USUAL);
    }

    private static CompressionPass pass(int cylinder, double kPa) {
        CompressionPass like =
                CASE.bench().job().record().all(CompressionPass.class).get(0);
        return new CompressionPass(
                PassKind.DRY,
                like.conditions(),
                List.of(new CompressionReading(
                        CylinderNumber.of(cylinder),
                        1,
                        List.of(Pressure.ofKPa(kPa)),
                        true,
                        Optional.empty(),
                        Optional.empty(),
                        Instant.EPOCH)));
    }

    private static LeakdownReading heard(int cylinder, Map<Place, Heard> heard) {
        return new LeakdownReading(
                CylinderNumber.of(cylinder),
                1,
                LeakdownKind.STANDARD,
                CASE.bench().tester(),
                50,
                Optional.empty(),
                Optional.empty(),
                heard,
                Map.of(),
                Set.of(),
                List.of(),
                Optional.empty());
    }

    private static double shown(List<Deed> deeds) {
        List<Double> strokes =
                new PracticeBench(CASE, deeds).shown().get(deeds.size() - 1).strokesKPa();
        return strokes.get(strokes.size() - 1);
    }

    @Test
    void whatWasReadRightlyIsNoSlip() {
        List<Deed> deeds = List.of(deed(DeedKind.PLUGS, 0), deed(DeedKind.CRANK, 1));
        assertThat(debrief(deeds, pass(1, Math.round(shown(deeds)))).slips()).isEmpty();
    }

    @Test
    void whatTheGaugeDidNotShowIsSaid() {
        List<Deed> deeds = List.of(deed(DeedKind.PLUGS, 0), deed(DeedKind.CRANK, 1));
        assertThat(debrief(deeds, pass(1, shown(deeds) * .8)).slips())
                .singleElement()
                .asString()
                .contains("Cylinder 1", "is written down", "the gauge showed");
        assertThat(debrief(deeds, pass(3, 1000)).slips())
                .singleElement()
                .asString()
                .contains("never cranked");
    }

    @Test
    void anEarThatIsFarOffIsSaidAndOneThatIsNearIsNot() {
        List<Deed> deeds = List.of(deed(DeedKind.AIR, 2));
        List<LeakSound> sounds = new PracticeBench(CASE, deeds).shown().get(0).sounds();
        Heard exhaust = sounds.stream()
                .filter(s -> s.place() == Place.EXHAUST)
                .map(LeakSound::heard)
                .findFirst()
                .orElseThrow();
        assertThat(exhaust).isGreaterThanOrEqualTo(Heard.CLEAR);
        assertThat(debrief(deeds, heard(2, Map.of(Place.EXHAUST, Heard.NOTHING)))
                        .slips())
                .singleElement()
                .asString()
                .contains("you wrote nothing at the exhaust");
        assertThat(debrief(deeds, heard(2, Map.of(Place.EXHAUST, exhaust))).slips())
                .isEmpty();
        assertThat(debrief(deeds, heard(2, Map.of(Place.EXHAUST, Heard.CANNOT_BE_REACHED)))
                        .slips())
                .isEmpty();
    }

    @Test
    void whatWasSpoiledBeforeItWasLookedAtIsSaid() {
        assertThat(debrief(List.of(
                                deed(DeedKind.DRAIN_OIL, 0),
                                deed(DeedKind.LOOK, 0),
                                deed(DeedKind.WARM_UP, 0),
                                deed(DeedKind.SMOKE, 0),
                                deed(DeedKind.POUR_OIL, 1),
                                deed(DeedKind.PLUGS, 0)))
                        .slips())
                .hasSize(3)
                .anyMatch(s -> s.contains("drained before"))
                .anyMatch(s -> s.contains("had run before"))
                .anyMatch(s -> s.contains("wet with it"));
    }

    @Test
    void aTestThatWasDoneIsNotSaidToBeLeftOut() {
        List<Deed> all = new ArrayList<>(List.of(
                deed(DeedKind.LOOK, 0),
                deed(DeedKind.SMOKE, 0),
                deed(DeedKind.BLOWBY, 0),
                deed(DeedKind.OIL_TRIAL, 0),
                deed(DeedKind.PLUGS, 0)));
        for (int c = 1; c <= 4; c++) {
            all.add(deed(DeedKind.CRANK, c));
            all.add(deed(DeedKind.AIR, c));
        }
        Debrief full = debrief(all);
        assertThat(full.skipped()).isEmpty();
        assertThat(full.steps()).hasSize(13).allSatisfy(s -> {
            assertThat(s.before()).isBetween(0.0, 1.0);
            assertThat(s.after()).isBetween(0.0, 1.0);
        });
        assertThat(full.given()).isGreaterThan(.5);
    }

    /** Whatever somebody does, in whichever order: everything is shown, nothing is negative, and the end is told. */
    @Test
    void aThousandOddThingsAreAllShown() {
        Random random = new Random(11);
        String[] keys = {"easy-", "usual-", "hard-"};
        for (int n = 0; n < 60; n++) {
            PracticeCase of =
                    PracticeCase.of(keys[n % 3] + random.nextInt(100_000)).orElseThrow();
            int cylinders = of.bench().engine().arrangement().count();
            PracticeBench bench = new PracticeBench(of, List.of());
            double minutes = 0;
            for (int i = 0; i < 20; i++) {
                DeedKind kind = DeedKind.values()[random.nextInt(DeedKind.values().length)];
                bench = done(
                        bench,
                        new Deed(
                                kind,
                                kind.isOfCylinder() ? 1 + random.nextInt(cylinders) : 0,
                                random.nextBoolean(),
                                random.nextBoolean(),
                                random.nextBoolean(),
                                kind == DeedKind.POUR_OIL ? .5 + 9 * random.nextDouble() : 0));
                assertThat(bench.standing().minutes()).isGreaterThanOrEqualTo(minutes);
                minutes = bench.standing().minutes();
            }
            for (Shown shown : bench.shown()) {
                assertThat(shown.minutes()).isPositive();
                assertThat(shown.says()).isNotBlank();
                assertThat(shown.strokesKPa()).allMatch(p -> p >= 0 && p < 20_000);
                assertThat(shown.gauges()).allMatch(p -> p >= 0 && p <= 1000);
                assertThat(shown.sounds()).allMatch(s -> Double.isFinite(s.decibels()));
            }
            if (n % 20 == 0) {
                JobRecord whole = of.bench().job().record();
                Debrief told = Debriefing.of(
                        of,
                        bench,
                        new JobRecord(whole.engine(), whole.job(), List.of()),
                        new Verdict(Family.RINGS, List.of(1), .5),
                        Shop.USUAL);
                assertThat(told.score()).isBetween(-.7, -.69);
                assertThat(told.steps()).hasSameSizeAs(bench.deeds());
            }
        }
    }

    /** As it was, where the engine does not bear it. */
    private static PracticeBench done(PracticeBench bench, Deed deed) {
        try {
            return bench.and(deed);
        } catch (InvalidInput e) {
            assertThat(e).hasMessageContaining("locks the cylinder");
            return bench;
        }
    }

    @Test
    void oilThatFillsTheChamberIsRefused() {
        PracticeBench bench = new PracticeBench(CASE, List.of(deed(DeedKind.POUR_OIL, 1), deed(DeedKind.POUR_OIL, 1)));
        assertThatThrownBy(() -> bench.and(new Deed(DeedKind.POUR_OIL, 1, false, false, false, 40)))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("locks the cylinder");
        // On another cylinder the same is as far from it as on the first.
        assertThat(bench.and(deed(DeedKind.POUR_OIL, 2)).standing().oilMl()).containsKey(2);
    }
}
