package silentotter.core.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import silentotter.core.engine.Bank.BankSide;
import silentotter.core.engine.EngineDocument.BankDocument;
import silentotter.core.engine.EngineDocument.LimitDocument;
import silentotter.core.engine.EngineDocument.RotationDocument;
import silentotter.core.engine.Rotation.Turning;
import silentotter.core.input.Read;

/** Engines as they come in: half of it is often unknown, and all that is wrong is said at once. */
class EngineReaderTest {
    /** A document with some of its fields set, by name. */
    static EngineDocument with(Map<String, Object> fields) {
        var components = EngineDocument.class.getRecordComponents();
        Object[] values = Arrays.stream(components)
                .map(c -> fields.getOrDefault(c.getName(), usual(c.getName())))
                .toArray();
        Class<?>[] types = Arrays.stream(components).map(c -> c.getType()).toArray(Class<?>[]::new);
        try {
            return EngineDocument.class.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Object usual(String field) {
        return switch (field) {
            case "name" -> " Tarn ";
            case "layout" -> Layout.INLINE;
            case "banks" -> List.of(new BankDocument(BankSide.ONLY, List.of(1, 2, 3, 4)));
            default -> null;
        };
    }

    @Test
    void aNameAndItsCylindersAreEnough() {
        Engine engine = EngineReader.read(with(Map.of()));
        assertThat(engine.name()).isEqualTo("Tarn");
        assertThat(engine.arrangement().count()).isEqualTo(4);
        assertThat(engine.size()).isEqualTo(Size.UNKNOWN);
        assertThat(engine.firingOrder()).isEmpty();
        assertThat(engine.cycle()).isEqualTo(Cycle.FOUR_STROKE);
    }

    @Test
    void whatIsKnownIsTakenOver() {
        Engine engine = EngineReader.read(with(Map.of(
                "boreMm",
                86.0,
                "strokeMm",
                86.0,
                "compressionRatio",
                10.0,
                "firingOrder",
                List.of(1, 3, 4, 2),
                "labels",
                Map.of("4", " Aft "),
                "rotation",
                new RotationDocument(Turning.CLOCKWISE, EngineEnd.FREE),
                "compressionMinimumKPa",
                new LimitDocument(900.0, " yard card ", true))));
        assertThat(engine.size().bore().orElseThrow().mm()).isEqualTo(86);
        assertThat(engine.label(CylinderNumber.of(4))).isEqualTo("Aft");
        assertThat(engine.firingOrder().orElseThrow().cylinders()).hasSize(4);
        assertThat(engine.limits().compressionMinimum()).hasValueSatisfying(l -> {
            assertThat(l.value().kPa()).isEqualTo(900);
            assertThat(l.source()).isEqualTo("yard card");
            assertThat(l.verified()).isTrue();
        });
    }

    record Wrong(String field, UnaryOperator<Map<String, Object>> how, String... named) {
        @Override
        public String toString() {
            return field;
        }
    }

    private static Wrong wrong(String field, Object value, String... named) {
        return new Wrong(field + "=" + value, m -> Map.of(field, value), named);
    }

    static List<Wrong> wrongs() {
        return List.of(
                wrong("name", "  ", "name"),
                wrong("name", "x".repeat(121), "name"),
                wrong("banks", List.of(), "banks"),
                wrong("banks", List.of(new BankDocument(BankSide.ONLY, List.of(1, 1))), "banks"),
                wrong("banks", List.of(new BankDocument(BankSide.ONLY, List.of(1, 3))), "banks"),
                wrong("boreMm", 8600.0, "boreMm"),
                wrong("boreMm", Double.NaN, "boreMm"),
                wrong("compressionRatio", 2.0, "compressionRatio"),
                wrong("leanDeg", 91.0, "leanDeg"),
                wrong("firingOrder", List.of(1, 2), "firingOrder"),
                wrong("firingOrder", List.of(1, 3, 4, 9), "firingOrder"),
                wrong("firingOrder", Arrays.asList(1, null, 3, 4), "firingOrder"),
                wrong("intervalsDeg", List.of(180.0, 180.0, 180.0, 180.0), "intervalsDeg"),
                wrong("labels", Map.of("7", "A"), "labels"),
                wrong("labels", Map.of("1", "much too long"), "labels"),
                wrong("labels", Map.of("1", "2"), "labels"),
                wrong("rotation", new RotationDocument(null, EngineEnd.FREE), "rotation"),
                wrong("plugGapMm", new LimitDocument(null, "card", false), "plugGapMm.value"),
                wrong("plugGapMm", new LimitDocument(9.0, "card", false), "plugGapMm.value"),
                wrong(
                        "compressionNominalKPa",
                        new LimitDocument(900.0, "x".repeat(401), false),
                        "compressionNominalKPa.source"),
                wrong("dipstickSpanLitres", -1.0, "dipstickSpanLitres"));
    }

    @ParameterizedTest
    @MethodSource("wrongs")
    void whatIsWrongIsSaidAtItsField(Wrong wrong) {
        EngineDocument document = with(wrong.how().apply(Map.of()));
        assertThat(Read.wrong(p -> EngineReader.read(document, p, ""))).containsExactly(wrong.named());
    }

    @Test
    void everythingThatIsWrongIsSaidAtOnceWithItsPath() {
        EngineDocument document = with(Map.of("name", "", "boreMm", 1.0, "strokeMm", 1.0));
        assertThat(Read.wrong(p -> EngineReader.read(document, p, "engine.")))
                .containsExactly("engine.name", "engine.boreMm", "engine.strokeMm");
    }

    @Test
    void aRodShorterThanHalfTheStrokeCannotTurn() {
        EngineDocument document =
                with(Map.of("boreMm", 86.0, "strokeMm", 200.0, "rodMm", 60.0, "compressionRatio", 9.0));
        assertThat(Read.wrong(p -> EngineReader.read(document, p, ""))).containsExactly("rodMm");
    }
}
