package silentotter.core.input;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A component of a form must be there unless it says {@link Nullable}. Numbers are left to their readers, which know the
 * allowed range and say it.
 */
public final class Complete {
    private Complete() {}

    /** Adds every component that is missing, by field, in records, lists and maps, however deep. */
    public static void check(@Nullable Object form, Problems problems) {
        check(form, "", problems);
    }

    private static void check(@Nullable Object value, String path, Problems problems) {
        if (value instanceof Record record) {
            for (RecordComponent component : record.getClass().getRecordComponents()) {
                check(component, valueOf(component, record), path.isEmpty() ? "" : path + ".", problems);
            }
        } else if (value instanceof Collection<?> items) {
            int i = 0;
            for (Object item : items) {
                element(item, path + "[" + i++ + "]", problems);
            }
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, item) -> element(item, path + "." + key, problems));
        } else if (value instanceof Optional<?> optional) {
            optional.ifPresent(v -> check(v, path, problems));
        }
    }

    private static void check(RecordComponent component, @Nullable Object value, String path, Problems problems) {
        String field = path + component.getName();
        Class<?> type = component.getType();
        if (value != null
                || Number.class.isAssignableFrom(type)
                || component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
            check(value, field, problems);
        } else {
            Optional<String> choices = Optional.ofNullable(type.getEnumConstants())
                    .map(all -> Arrays.stream(all).map(Object::toString).collect(Collectors.joining(", ")));
            problems.add(new FieldProblem(field, "is missing", choices));
        }
    }

    private static void element(@Nullable Object item, String path, Problems problems) {
        if (item == null) {
            problems.add(path, "is nothing");
        } else {
            check(item, path, problems);
        }
    }

    private static @Nullable Object valueOf(RecordComponent component, Record record) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }
}
