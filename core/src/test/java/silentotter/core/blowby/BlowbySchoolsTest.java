package silentotter.core.blowby;

import static org.assertj.core.api.Assertions.assertThat;
import static silentotter.core.blowby.Crankcase.digital;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import silentotter.core.compression.Bench;
import silentotter.core.engine.Engine;
import silentotter.core.engine.MakerLimits;
import silentotter.core.engine.SourcedLimit;
import silentotter.core.engine.Traits;
import silentotter.core.engine.Traits.Induction;
import silentotter.core.fault.Fault;
import silentotter.core.finding.Finding;
import silentotter.core.finding.Judged;
import silentotter.core.finding.Said;
import silentotter.core.finding.Shop;
import silentotter.core.job.JobRecord;
import silentotter.core.quantity.Length;
import silentotter.core.quantity.Pressure;
import silentotter.core.signs.BreatherSigns;
import silentotter.core.signs.BreatherSigns.BreatherOil;
import silentotter.core.signs.Signs;

class BlowbySchoolsTest {
    private static JobRecord job(Traits traits, MakerLimits limits) {
        JobRecord bare = Bench.inline(4).record();
        Engine e = bare.engine();
        return bare.on(new Engine(
                e.name(),
                e.arrangement(),
                e.labels(),
                e.firingOrder(),
                e.rotation(),
                traits,
                e.size(),
                limits,
                e.oil()));
    }

    private static MakerLimits makers(double pa, double orificeMm) {
        MakerLimits none = MakerLimits.UNKNOWN;
        return new MakerLimits(
                none.compressionNominal(),
                none.compressionMinimum(),
                none.compressionSpread(),
                none.intakeClearance(),
                none.exhaustClearance(),
                none.plugGap(),
                Optional.of(new SourcedLimit<>(Pressure.ofPa(pa), "plate", true)),
                Optional.of(Length.ofMm(orificeMm)),
                Optional.empty(),
                Optional.empty());
    }

    private static BlowbyOpinion opinion(Said said, BlowbySchool school) {
        return said.of(BlowbyAnalysis.class).orElseThrow().opinions().stream()
                .filter(o -> o.school() == school)
                .findFirst()
                .orElseThrow();
    }

    private static BlowbyDocument meantFor(double from, double to, double pa) {
        return new BlowbyDocument(
                BlowbyPoint.IDLE,
                CrankcaseVent.SHUT,
                800.0,
                "adapter",
                8.0,
                null,
                from,
                to,
                CrankcaseGauge.DIGITAL,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                pa,
                null,
                null,
                null,
                Crankcase.ALL);
    }

    @Test
    void aMakersLimitIsAskedOfTheMakersOwnOrifice() {
        // The same flow before a hole of twice the area is a quarter of the pressure.
        double hole = 8 * Math.sqrt(2);
        Said under = Crankcase.said(job(Traits.UNKNOWN, makers(200, hole)), digital(BlowbyPoint.IDLE, 600));
        assertThat(opinion(under, BlowbySchool.MAKER).judged()).contains(Judged.SOUND);
        assertThat(opinion(under, BlowbySchool.MAKER).says()).contains("{Pa:150");
        Said over = Crankcase.said(job(Traits.UNKNOWN, makers(100, hole)), digital(BlowbyPoint.IDLE, 600));
        assertThat(opinion(over, BlowbySchool.MAKER).judged()).contains(Judged.FAULT);
        assertThat(opinion(Crankcase.said(Bench.inline(4).record(), digital(BlowbyPoint.IDLE, 600)), BlowbySchool.MAKER)
                        .judged())
                .as("no figure of the maker's")
                .isEmpty();
    }

    @Test
    void theCeilingMeansNothingOnAnAdapterOfAnotherSize() {
        JobRecord four = Bench.inline(4).record();
        assertThat(opinion(Crankcase.said(four, meantFor(80, 100, 600)), BlowbySchool.HOUSE_CEILING)
                        .judged())
                .contains(Judged.FAULT);
        BlowbyOpinion wrong = opinion(Crankcase.said(four, meantFor(120, 160, 600)), BlowbySchool.HOUSE_CEILING);
        assertThat(wrong.judged()).isEmpty();
        assertThat(wrong.says()).contains("meant for bores of");
        assertThat(opinion(Crankcase.said(four, digital(BlowbyPoint.IDLE, 600)), BlowbySchool.HOUSE_CEILING)
                        .says())
                .contains("nobody has said");
    }

    @Test
    void aReadingNearALimitIsNotSure() {
        JobRecord four = Bench.inline(4).record();
        assertThat(opinion(Crankcase.said(four, digital(BlowbyPoint.IDLE, 252)), BlowbySchool.HOUSE_CEILING)
                        .sure())
                .isFalse();
        assertThat(opinion(Crankcase.said(four, digital(BlowbyPoint.IDLE, 380)), BlowbySchool.HOUSE_CEILING)
                        .sure())
                .isTrue();
    }

    @Test
    void theSchoolThatLeadsComesFirstAndJudges() {
        Shop shop = Shop.USUAL.choosing(BlowbySchool.AIR_SHARE);
        BlowbyAnalysis said = BlowbyWork.read(
                        Crankcase.with(Bench.inline(4).record(), digital(BlowbyPoint.LOADED, 300)),
                        shop,
                        Signs.EMPTY,
                        Said.NOTHING)
                .of(BlowbyAnalysis.class)
                .orElseThrow();
        assertThat(said.opinions().get(0).school()).isEqualTo(BlowbySchool.AIR_SHARE);
        assertThat(said.grade())
                .as("by its share sound, by the ceiling to be watched")
                .contains(Judged.SOUND);
    }

    @Test
    void chargeAirIsNamedAsImitatorOnABoostedEngineOnly() {
        Traits boosted = new Traits(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(Induction.TURBO),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        Finding turbo = Crankcase.said(job(boosted, MakerLimits.UNKNOWN), digital(BlowbyPoint.IDLE, 900))
                .findings()
                .get(0);
        assertThat(turbo.suspects()).contains(Fault.TURBO_SEAL);
        assertThat(turbo.tellApart().orElseThrow()).contains("imitate");
        Finding plain = Crankcase.said(Bench.inline(4).record(), digital(BlowbyPoint.IDLE, 900))
                .findings()
                .get(0);
        assertThat(plain.suspects()).doesNotContain(Fault.TURBO_SEAL);
    }

    @Test
    void oilOutOfTheBreatherIsTiedInAndAStopIsSaid() {
        Signs wet = new Signs(
                null,
                null,
                new BreatherSigns(Optional.of(BreatherOil.WET), Optional.empty(), Optional.empty(), Optional.empty()),
                null,
                null,
                Optional.empty(),
                null,
                Optional.empty());
        Said said = BlowbyWork.read(
                Crankcase.with(Bench.inline(4).record(), digital(BlowbyPoint.IDLE, 2600)),
                Shop.USUAL,
                wet,
                Said.NOTHING);
        assertThat(Crankcase.rules(said)).contains("blowby-carries-oil", "blowby-above-stop", "blowby-high");
    }
}
