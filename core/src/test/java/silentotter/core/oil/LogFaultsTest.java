package silentotter.core.oil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A log that lies is named for it, and an honest one is left in peace. */
class LogFaultsTest {
    private static final int EACH = 20;

    private static Notebook some(Random random, int dips) {
        return Notebook.honest(random, 0.008 + 0.014 * random.nextDouble(), dips);
    }

    /** A lie each, told in the middle of an otherwise honest log. */
    enum Lie {
        OVERFILLED_AT_THE_START(OilFaultKind.OVERFILLED, r -> {
            Notebook book = new Notebook(r, 0.012, 4000).fill(7.5).gain(0.6 + 0.5 * r.nextDouble());
            for (int i = 0; i < 8; i++) {
                book.dip().run(20);
                if (i == 0) {
                    book.gain(-0.3);
                }
            }
            return book;
        }),
        FUEL_IN_THE_OIL(OilFaultKind.RISING, r -> Notebook.honest(r, -0.006 - 0.004 * r.nextDouble(), 9)),
        TOPPED_UP_AND_NOT_WRITTEN(OilFaultKind.UNLOGGED_TOP_UP, r -> {
            Notebook book = some(r, 6);
            book.pour(0.75 + 0.25 * r.nextInt(3), Certainty.MEASURED);
            return goOn(book, 5);
        }),
        HURRIED(
                OilFaultKind.DIP_OFF,
                r -> goOn(some(r, 6).dip(-16 - 4 * r.nextDouble(), 1.0, null).run(20), 5)),
        ON_A_SLOPE(
                OilFaultKind.DIP_OFF,
                r -> goOn(
                        some(r, 6)
                                .dip(16 + 4 * r.nextDouble(), 15.0, Ground.SLOPING)
                                .run(20),
                        5)),
        WRITTEN_TWICE(
                OilFaultKind.DOUBLE_ENTRY,
                r -> goOn(
                        some(r, 6)
                                .dip()
                                .topUp(1, Certainty.MEASURED)
                                .writeTopUp(1, Certainty.MEASURED)
                                .run(15),
                        5)),
        MILLILITRES_AS_LITRES(
                OilFaultKind.UNIT_SLIP,
                r -> goOn(
                        some(r, 6)
                                .dip()
                                .pour(0.5, Certainty.MEASURED)
                                .writeTopUp(500, Certainty.MEASURED)
                                .run(15),
                        5)),
        ABOVE_INSTEAD_OF_BELOW(OilFaultKind.WRONG_SIGN, r -> {
            Notebook book = new Notebook(r, 0.015, 4000);
            goOn(book, 5);
            book.writeDip(Math.round(-book.levelMm()), null, null).run(12);
            return goOn(book, 5);
        }),
        WRITTEN_AND_NOT_POURED(
                OilFaultKind.NOT_POURED,
                r -> goOn(some(r, 6).dip().writeTopUp(1, Certainty.MEASURED).run(15), 5)),
        A_DIGIT_OF_THE_METER(OilFaultKind.METER_SLIP, r -> {
            Notebook book = some(r, 6);
            double was = book.hours();
            book.setHours(was + 900).dip().setHours(was + 20);
            book.run(10);
            return goOn(book, 5);
        });

        private final OilFaultKind named;
        private final Function<Random, Notebook> told;

        Lie(OilFaultKind named, Function<Random, Notebook> told) {
            this.named = named;
            this.told = told;
        }
    }

    private static Notebook goOn(Notebook book, int dips) {
        for (int i = 0; i < dips; i++) {
            book.dip();
            if (book.levelMm() < -15) {
                book.topUp(0.75, Certainty.MEASURED);
            }
            book.run(12 + 3 * i);
        }
        return book;
    }

    @ParameterizedTest
    @EnumSource
    void everyLieIsNamed(Lie lie) {
        List<String> missed = new ArrayList<>();
        for (int seed = 0; seed < EACH; seed++) {
            OilAnalysis said = lie.told.apply(new Random(1000 + seed)).read();
            if (said.faults().stream().noneMatch(f -> f.kind() == lie.named)) {
                missed.add(seed + ": " + said.faults());
            } else {
                assertThat(said.faults())
                        .allMatch(f -> !f.says().isBlank() && !f.check().isBlank());
            }
        }
        assertThat(missed).isEmpty();
    }

    @Test
    void noHonestLogOfTwoHundredIsAccused() {
        Random random = new Random(200);
        for (int i = 0; i < 200; i++) {
            OilAnalysis said = some(random, 4 + random.nextInt(14)).read();
            assertThat(said.faults()).as("log " + i).isEmpty();
        }
    }
}
