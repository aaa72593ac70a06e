package silentotter.core.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import silentotter.core.diagnosis.Odds;
import silentotter.core.diagnosis.Suspect;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.fault.Family;
import silentotter.core.fault.Fault;

class OwnersWordsTest {
    private static Suspect suspect(Family family, Fault fault, boolean somewhere, int... cylinders) {
        return new Suspect(
                family,
                Optional.ofNullable(fault),
                Arrays.stream(cylinders).mapToObj(CylinderNumber::of).toList(),
                somewhere,
                "",
                .9,
                .8,
                .95,
                Odds.VERY_LIKELY,
                "very likely",
                .1,
                0,
                true,
                Optional.empty(),
                List.of(),
                Optional.empty());
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "RINGS, RING_SEAL, Cylinder {cyl:3} leaks past its piston rings.",
                "RINGS, BROKEN, 'Cylinder {cyl:3} has a broken ring, land or piston.'",
                "RINGS, -, Cylinder {cyl:3} leaks past its piston rings or its piston.",
                "VALVE_LEAK, EXHAUST_VALVE, The exhaust valve of cylinder {cyl:3} leaks.",
                "VALVE_LEAK, INTAKE_VALVE, The intake valve of cylinder {cyl:3} leaks.",
                "VALVE_LEAK, VALVE_HELD, A valve of cylinder {cyl:3} is held off its seat.",
                "VALVE_LEAK, -, A valve of cylinder {cyl:3} leaks.",
                "VALVE_MOTION, -, A valve of cylinder {cyl:3} does not open fully."
            })
    void aFaultOfACylinderIsNamedWithIt(Family family, Fault fault, String words) {
        assertThat(OwnersWords.sentence(suspect(family, fault, false, 3))).isEqualTo(words);
    }

    @Test
    void aPlaceThatNobodyKnowsIsNotMadeUp() {
        assertThat(OwnersWords.sentence(suspect(Family.RINGS, Fault.RING_SEAL, true)))
                .isEqualTo("One cylinder leaks past its piston rings; which one is not known yet.");
        assertThat(OwnersWords.sentence(suspect(Family.GASKET_BETWEEN, null, false, 2, 3)))
                .isEqualTo("The head gasket leaks between cylinders {cyl:2} and {cyl:3}.");
        assertThat(OwnersWords.sentence(suspect(Family.OIL_ENTRY, null, false))).contains("not known yet");
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void everyFamilyMakesASentence(Family family) {
        assertThat(OwnersWords.sentence(suspect(family, null, false, 1))).matches("[A-Z].*\\.");
    }

    @ParameterizedTest
    @CsvSource({
        ".995, .98, .999, more than 99 of a hundred",
        ".86, .804, .91, 86 of a hundred (80 to 91)",
        ".004, .001, .02, fewer than 1 of a hundred",
        ".5, .5, .5, 50 of a hundred"
    })
    void oddsAreSaidOfAHundredEngines(double p, double low, double high, String words) {
        assertThat(OwnersWords.ofAHundred(p, low, high)).isEqualTo(words);
    }
}
