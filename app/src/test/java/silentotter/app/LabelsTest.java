package silentotter.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Labels;

/** The table of words and the choices of the core are the same things. */
class LabelsTest {
    private static final ResourceBundle TABLE = ResourceBundle.getBundle("silentotter.core.wording.labels");

    private final Map<String, List<Enum<?>>> choices = new TreeMap<>();

    LabelsTest() {
        new ClassFileImporter()
                .importPackages("silentotter.core").stream()
                        .filter(JavaClass::isEnum)
                        .map(JavaClass::reflect)
                        .forEach(type -> choices.merge(
                                type.getSimpleName(),
                                Arrays.stream(type.getEnumConstants())
                                        .<Enum<?>>map(c -> (Enum<?>) c)
                                        .toList(),
                                (one, other) ->
                                        TABLE.keySet().stream().noneMatch(k -> k.startsWith(type.getSimpleName() + "."))
                                                ? one
                                                : throwing(type)));
    }

    private static List<Enum<?>> throwing(Class<?> type) {
        throw new IllegalStateException("two types are named " + type.getSimpleName());
    }

    @Test
    void aTypeInTheTableHasWordsForEachOfItsChoicesAndForNothingElse() {
        TreeSet<String> types = new TreeSet<>();
        TABLE.keySet().forEach(k -> types.add(k.substring(0, k.indexOf('.'))));
        assertThat(choices.keySet()).containsAll(types);
        types.forEach(type -> assertThat(TABLE.keySet().stream().filter(k -> k.startsWith(type + ".")))
                .as(type)
                .containsExactlyInAnyOrderElementsOf(choices.get(type).stream()
                        .map(c -> type + "." + c.name())
                        .toList()));
    }

    @Test
    void whateverIsLabelledStandsInTheTable() {
        choices.values().stream()
                .flatMap(List::stream)
                .filter(Labelled.class::isInstance)
                .forEach(c -> assertThat(Labels.of(c))
                        .isNotBlank()
                        .isEqualTo(((Labelled) c).words())
                        .doesNotContain("_"));
    }
}
