package silentotter.core.finding;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Values, at most one of a kind, asked for by their class: a further station adds one without a place of its own here. */
public final class ByKind {
    public static final ByKind EMPTY = new ByKind(Map.of());

    private final Map<Class<?>, Object> values;

    private ByKind(Map<Class<?>, Object> values) {
        this.values = values;
    }

    /** The same with one more; one of the same kind is replaced. */
    public ByKind with(Object value) {
        Map<Class<?>, Object> more = new HashMap<>(values);
        more.put(value.getClass(), value);
        return new ByKind(Map.copyOf(more));
    }

    public <T> Optional<T> of(Class<T> kind) {
        return Optional.ofNullable(kind.cast(values.get(kind)));
    }
}
