package silentotter.app.http;

import java.lang.reflect.Array;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;

/**
 * A component of a record that is sent in must be there unless it says {@link Nullable}: the rule that also makes the API
 * description. Numbers are left to their readers, which know the allowed range and say it.
 */
@RestControllerAdvice
class CompleteBody extends RequestBodyAdviceAdapter {
    @Override
    public boolean supports(
            MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converterType) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converterType) {
        Problems problems = new Problems();
        check(body, "", problems);
        problems.throwIfAny();
        return body;
    }

    static void check(Object value, String path, Problems problems) {
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

    private static void check(RecordComponent component, Object value, String path, Problems problems) {
        String field = path + component.getName();
        boolean number = Number.class.isAssignableFrom(component.getType());
        if (value == null && !number && !isNullable(component)) {
            problems.add(
                    component.getType().isEnum()
                            ? FieldProblem.of(field, "is missing", choices(component.getType()))
                            : FieldProblem.of(field, "is missing"));
        } else {
            check(value, field, problems);
        }
    }

    private static void element(Object item, String path, Problems problems) {
        if (item == null) {
            problems.add(path, "is nothing");
        } else {
            check(item, path, problems);
        }
    }

    static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static String choices(Class<?> type) {
        StringBuilder words = new StringBuilder();
        Object all = type.getEnumConstants();
        for (int i = 0; i < Array.getLength(all); i++) {
            words.append(i == 0 ? "" : ", ").append(Array.get(all, i));
        }
        return words.toString();
    }

    private static Object valueOf(RecordComponent component, Record record) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }
}
