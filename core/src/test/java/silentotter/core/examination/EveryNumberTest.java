package silentotter.core.examination;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import silentotter.core.input.AllowedRange;

/** A number that nobody gave a range would be taken whatever it is. */
class EveryNumberTest {
    private static void numbers(Type type, String path, List<String> found) {
        if (type instanceof ParameterizedType p) {
            boolean map = p.getRawType() == java.util.Map.class;
            Type of = p.getActualTypeArguments()[map ? 1 : 0];
            numbers(of, map ? path + ".1" : path, found);
        } else if (type == Double.class || type == double.class) {
            found.add(path);
        } else if (type instanceof Class<?> c && c.isRecord()) {
            for (RecordComponent component : c.getRecordComponents()) {
                numbers(component.getGenericType(), path + "." + component.getName(), found);
            }
        }
    }

    @Test
    void everyNumberOfAnExaminationHasItsRange() {
        List<String> found = new ArrayList<>();
        numbers(Examination.class, "examination", found);
        assertThat(found).hasSizeGreaterThan(15);
        assertThat(found).allMatch(path -> AllowedRange.at(path).isPresent());
    }
}
