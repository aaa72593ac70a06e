package silentotter.core.plugs;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.plugs.Plugs.plug;
import static silentotter.core.plugs.Plugs.tan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import silentotter.core.engine.Cycle;
import silentotter.core.engine.Engine;
import silentotter.core.engine.EngineEnd;
import silentotter.core.engine.Layout;
import silentotter.core.engine.Traits;
import silentotter.core.engine.Traits.Exhaust;
import silentotter.core.engine.Traits.FuelSystem;
import silentotter.core.engine.UsualEngines;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Contamination;
import silentotter.core.finding.Finding;
import silentotter.core.intake.Intake;
import silentotter.core.intake.Intake.History;
import silentotter.core.plugs.Plug.Damage;
import silentotter.core.plugs.Plug.Deposit;
import silentotter.core.plugs.Plug.ElectrodeWear;
import silentotter.core.plugs.Plug.NoseSurface;
import silentotter.core.plugs.Plug.Shade;
import silentotter.core.plugs.Plug.Wetness;
import silentotter.core.plugs.PlugSet.PlugMake;

class PlugReaderTest {
    private static final PlugSet AGED = Plugs.set(PlugMake.PLAIN, 20_000.0, 0.8);

    private static Engine engine(Layout layout, int cylinders, FuelSystem fuel, Exhaust exhaust, Cycle cycle) {
        Engine bare = Engine.of(
                "Gannet",
                UsualEngines.arrangements(layout, cylinders, EngineEnd.FREE).get(0));
        Traits traits = new Traits(
                Optional.of(cycle),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(fuel),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(exhaust),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new Engine(
                bare.name(),
                bare.arrangement(),
                bare.labels(),
                bare.firingOrder(),
                bare.rotation(),
                traits,
                bare.size(),
                bare.limits(),
                bare.oil());
    }

    private static Engine four() {
        return engine(Layout.INLINE, 4, FuelSystem.CARBURETTOR, Exhaust.DRY, Cycle.FOUR_STROKE);
    }

    private static Intake told(History... history) {
        Map<History, Boolean> yes = Stream.of(history).collect(java.util.stream.Collectors.toMap(h -> h, h -> true));
        Intake e = Intake.EMPTY;
        return new Intake(
                e.purpose(),
                e.complaints(),
                e.noise(),
                e.noiseMoment(),
                e.secondsToFire(),
                e.coldStartC(),
                yes,
                e.airFilter(),
                e.stoodDays(),
                e.hoursSinceBuilt(),
                e.meterFromOtherEngine(),
                e.weakness(),
                Optional.empty(),
                Optional.empty());
    }

    private static List<String> rules(Engine engine, Intake intake, PlugTray tray) {
        return PlugReader.read(engine, intake, tray).findings().stream()
                .map(Finding::rule)
                .toList();
    }

    /** Each pattern of the trade's table, and the plug that looks most like it but says something else. */
    static Stream<Arguments> patterns() {
        Plug pale = plug().shade(Shade.WHITE).wet(Wetness.DRY).made();
        Plug soot = plug().deposit(Deposit.SOFT_SOOT).wet(Wetness.DRY).made();
        return Stream.of(
                Arguments.of("plug-sound", tan(), pale),
                Arguments.of(
                        "plug-hot",
                        plug().shade(Shade.WHITE).surface(NoseSurface.BLISTERED).made(),
                        pale),
                Arguments.of(
                        "plug-hot",
                        plug().shade(Shade.GREY).gap(2.0).made(),
                        plug().shade(Shade.GREY).gap(1.1).made()),
                Arguments.of(
                        "plug-pale",
                        pale,
                        plug().shade(Shade.WHITE).deposit(Deposit.ASH).made()),
                Arguments.of("plug-soot", soot, Plugs.oily()),
                Arguments.of("plug-fuel-wet", plug().wet(Wetness.WET_EVAPORATES).made(), Plugs.oily()),
                Arguments.of(
                        "plug-oil-wet",
                        Plugs.oily(),
                        plug().wet(Wetness.WET_EVAPORATES).made()),
                Arguments.of(
                        "plug-wet-not-rubbed",
                        plug().wet(Wetness.WET_NOT_RUBBED).made(),
                        Plugs.oily()),
                Arguments.of(
                        "plug-ash",
                        plug().deposit(Deposit.ASH).made(),
                        plug().deposit(Deposit.WATER_STAIN).made()),
                Arguments.of(
                        "plug-one-sided",
                        plug().deposit(Deposit.ASH)
                                .side(DepositSide.INTAKE_SIDE)
                                .made(),
                        plug().deposit(Deposit.ASH).side(DepositSide.OTHER_SIDE).made()),
                Arguments.of("plug-washed", Plugs.washed(), pale),
                Arguments.of(
                        "plug-specks",
                        plug().shade(Shade.GREY).deposit(Deposit.METAL_SPECKS).made(),
                        plug().shade(Shade.GREY).deposit(Deposit.ASH).made()),
                Arguments.of(
                        "plug-bridged",
                        plug().damage(Damage.BRIDGED_GAP).made(),
                        plug().damage(Damage.BENT_GROUND).made()),
                Arguments.of(
                        "plug-broken",
                        plug().damage(Damage.BROKEN_INSULATOR).made(),
                        plug().damage(Damage.BRIDGED_GAP).made()),
                Arguments.of(
                        "plug-melted",
                        plug().wear(ElectrodeWear.MELTED).made(),
                        plug().wear(ElectrodeWear.ROUNDED).made()),
                Arguments.of(
                        "plug-worn",
                        plug().shade(Shade.TAN)
                                .wear(ElectrodeWear.ROUNDED)
                                .gap(1.1)
                                .made(),
                        plug().shade(Shade.TAN)
                                .wear(ElectrodeWear.ROUNDED)
                                .gap(2.0)
                                .made()),
                Arguments.of(
                        "plug-worn-fast",
                        plug().shade(Shade.TAN).gap(2.0).made(),
                        plug().shade(Shade.TAN).gap(1.1).made()),
                Arguments.of("plug-loose", plug().shade(Shade.TAN).tight(false).made(), tan()),
                Arguments.of(
                        "plug-loose",
                        plug().shade(Shade.TAN).thread(Thread.SOOTED).made(),
                        soot),
                Arguments.of(
                        "plug-oily-thread",
                        plug().shade(Shade.TAN).thread(Thread.OILY).made(),
                        plug().wet(Wetness.WET_STAYS_OILY).thread(Thread.OILY).made()),
                Arguments.of(
                        "plug-oily-thread",
                        plug().shade(Shade.TAN).well(Well.OIL).made(),
                        Plugs.oily()));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void aPatternSaysItsOwnAndItsNearestLookAlikeDoesNot(String rule, Plug plug, Plug lookAlike) {
        assertThat(rules(four(), Intake.EMPTY, Plugs.tray(AGED, plug))).contains(rule);
        assertThat(rules(four(), Intake.EMPTY, Plugs.tray(AGED, lookAlike))).doesNotContain(rule);
    }

    @Test
    void theEngineChangesWhatAPlugSays() {
        Plug pale = plug().shade(Shade.WHITE).made();
        Engine injected = engine(Layout.INLINE, 4, FuelSystem.PORT_INJECTION, Exhaust.DRY, Cycle.FOUR_STROKE);
        assertThat(rules(injected, Intake.EMPTY, Plugs.tray(pale))).containsExactly("plug-pale-injected");

        Engine boat = engine(Layout.INLINE, 4, FuelSystem.CARBURETTOR, Exhaust.WET, Cycle.FOUR_STROKE);
        assertThat(PlugReader.read(boat, Intake.EMPTY, Plugs.tray(Plugs.washed()))
                        .findings()
                        .get(0)
                        .suspects())
                .containsExactlyInAnyOrder(Fault.COOLANT_ENTRY, Fault.EXHAUST_WATER);

        Engine twoStroke = engine(Layout.INLINE, 2, FuelSystem.CARBURETTOR, Exhaust.WET, Cycle.TWO_STROKE);
        assertThat(PlugReader.read(twoStroke, Intake.EMPTY, Plugs.tray(Plugs.oily()))
                        .findings()
                        .get(0)
                        .suspects())
                .containsExactly(Fault.MIXTURE_OIL);
    }

    @Test
    void useAndAdditivesChangeWhatAPlugSays() {
        Plug soot = plug().deposit(Deposit.SOFT_SOOT).made();
        assertThat(rules(four(), told(History.LONG_IDLING), Plugs.tray(soot, soot, soot, soot)))
                .contains("plug-soot-duty", "plugs-all-soot-idling")
                .doesNotContain("plug-soot");
        assertThat(rules(four(), told(History.LONG_IDLING), Plugs.tray(tan(), tan(), soot, tan())))
                .contains("plug-soot")
                .doesNotContain("plug-soot-duty");

        Plug ash = plug().deposit(Deposit.ASH).made();
        assertThat(rules(four(), told(History.FUEL_ADDITIVE), Plugs.tray(ash))).containsExactly("plug-ash-additive");
    }

    @Test
    void theSetIsReadFirst() {
        PlugReading alike = PlugReader.read(four(), Intake.EMPTY, Plugs.tray(tan(), tan(), tan(), tan()));
        assertThat(alike.set().orElseThrow()).startsWith("All 4 alike: tan");

        PlugReading odd = PlugReader.read(four(), Intake.EMPTY, Plugs.tray(tan(), tan(), Plugs.oily(), tan()));
        assertThat(odd.set().orElseThrow())
                .isEqualTo("One odd plug: {cyl:3} oily, the rest tan. That is this cylinder's own.");

        Engine v4 = engine(Layout.V, 4, FuelSystem.CARBURETTOR, Exhaust.DRY, Cycle.FOUR_STROKE);
        Plug pale = plug().shade(Shade.WHITE).made();
        PlugReading bank = PlugReader.read(v4, Intake.EMPTY, Plugs.tray(pale, tan(), pale, tan()));
        assertThat(bank.set().orElseThrow()).contains("the whole left bank");

        PlugReading side =
                PlugReader.read(four(), Intake.EMPTY, Plugs.tray(tan(), Plugs.washed(), Plugs.washed(), tan()));
        assertThat(side.set().orElseThrow()).contains("side by side");
        assertThat(side.findings())
                .filteredOn(s -> s.rule().equals("plugs-washed-neighbours"))
                .singleElement()
                .satisfies(s -> assertThat(s.suspects()).contains(Fault.GASKET_BETWEEN));
        assertThat(rules(four(), Intake.EMPTY, Plugs.tray(Plugs.washed(), tan(), Plugs.washed(), tan())))
                .doesNotContain("plugs-washed-neighbours");
    }

    @Test
    void oilOnAllAlikeIsSomethingTheyShare() {
        Plug[] all = {Plugs.oily(), Plugs.oily(), Plugs.oily(), Plugs.oily()};
        assertThat(PlugReader.read(four(), Intake.EMPTY, Plugs.tray(all)).findings())
                .filteredOn(s -> s.rule().equals("plugs-all-oily"))
                .singleElement()
                .satisfies(s -> assertThat(s.suspects()).contains(Fault.VENTILATION, Fault.EVEN_WEAR));
        // Three of four looked at is not the whole set yet.
        assertThat(rules(four(), Intake.EMPTY, Plugs.tray(Plugs.oily(), Plugs.oily(), Plugs.oily())))
                .doesNotContain("plugs-all-oily");
    }

    @Test
    void theSchoolOfEvennessLeavesShadesOut() {
        PlugReading r = PlugReader.read(
                four(),
                Intake.EMPTY,
                Plugs.tray(tan(), plug().shade(Shade.WHITE).made(), Plugs.oily(), tan()));
        assertThat(r.of(PlugSchool.FULL_READING)).extracting(Finding::rule).contains("plug-pale", "plug-oil-wet");
        assertThat(r.of(PlugSchool.EVENNESS_ONLY))
                .extracting(Finding::rule)
                .contains("plug-oil-wet")
                .doesNotContain("plug-pale", "plug-sound");
        assertThat(r.set()).isPresent();
    }

    @Test
    void whatWasSpoiledOrIsNewWeighsLittle() {
        Plug spoiled = plug().wet(Wetness.WET_STAYS_OILY)
                .spoiledBy(Contamination.POURED_OIL)
                .made();
        Finding s = PlugReader.read(four(), Intake.EMPTY, Plugs.tray(spoiled))
                .findings()
                .get(0);
        assertThat(s.weight().likelihoodRatio()).isLessThan(1.6);
        assertThat(s.because()).contains("Spoiled by oil poured in before");

        Plug hot = plug().shade(Shade.WHITE).surface(NoseSurface.BLISTERED).made();
        double aged = weight(Plugs.tray(AGED, hot));
        double fresh = weight(Plugs.tray(Plugs.set(PlugMake.PLAIN, 200.0, 0.8), hot));
        assertThat(fresh).isLessThan(aged);
    }

    private static double weight(PlugTray tray) {
        return PlugReader.read(four(), Intake.EMPTY, tray)
                .findings()
                .get(0)
                .weight()
                .likelihoodRatio();
    }

    @Test
    void gapsGrowAgainstWhatIsOrdinaryForTheirMake() {
        GapGrowth plain = GapGrowth.of(1.11, 0.8, 20_000, PlugMake.PLAIN);
        assertThat(plain.mmPer1000Km()).isEqualTo(0.0155, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(plain.timesOrdinary()).isEqualTo(1, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(GapGrowth.of(1.11, 0.8, 20_000, PlugMake.FINE_WIRE).timesOrdinary())
                .isGreaterThan(3.9);
        assertThat(GapGrowth.of(0.84, 0.8, 20_000, PlugMake.PLAIN).proven()).isFalse();
        // No age, no growth.
        assertThat(PlugReader.read(
                                four(),
                                Intake.EMPTY,
                                Plugs.tray(
                                        Plugs.set(null, null, 0.8),
                                        plug().gap(2.0).made()))
                        .growth())
                .isEmpty();
    }
}
