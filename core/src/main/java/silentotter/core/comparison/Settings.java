package silentotter.core.comparison;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import silentotter.core.wording.Say;

/**
 * How something was measured, facet by facet; a facet that nobody wrote down is in neither.
 *
 * @param told in words
 * @param sized as figures, such as strokes
 */
public record Settings(Map<Facet, String> told, Map<Facet, Double> sized, Set<Facet> asked) {
    static final Settings NONE = new Settings(Map.of(), Map.of(), Set.of());
    /** Figures this near are the same. */
    private static final double ALIKE = .1;
    /** What was not written down on one side may have differed; it costs half. */
    private static final double UNKNOWN_SHARE = .5;

    public Settings {
        told = Map.copyOf(told);
        sized = Map.copyOf(sized);
        asked = Set.copyOf(asked);
    }

    Settings with(Facet facet, Optional<String> value) {
        Map<Facet, String> more = new EnumMap<>(Facet.class);
        more.putAll(told);
        value.ifPresent(v -> more.put(facet, v));
        return new Settings(more, sized, asking(facet));
    }

    /** A choice, in words of its own name. */
    Settings chosen(Facet facet, Optional<? extends Enum<?>> choice) {
        return with(facet, choice.map(c -> c.name().toLowerCase(Locale.ROOT).replace('_', ' ')));
    }

    Settings sized(Facet facet, Optional<Double> value) {
        Map<Facet, Double> more = new EnumMap<>(Facet.class);
        more.putAll(sized);
        value.ifPresent(v -> more.put(facet, v));
        return new Settings(told, more, asking(facet));
    }

    private Set<Facet> asking(Facet facet) {
        Set<Facet> more = EnumSet.of(facet);
        more.addAll(asked);
        return more;
    }

    /** What differs between two, in the order of the facets. */
    List<Unmatched> against(Settings after) {
        List<Unmatched> unmatched = new ArrayList<>();
        for (Facet f : Facet.values()) {
            if (!asked.contains(f) || same(f, after)) {
                continue;
            }
            boolean bothTold = in(f).isPresent() && after.in(f).isPresent();
            unmatched.add(new Unmatched(
                    f,
                    in(f).orElse("not written down"),
                    after.in(f).orElse("not written down"),
                    !bothTold || Double.isFinite(f.sigma())));
        }
        return unmatched;
    }

    private boolean same(Facet f, Settings after) {
        if (sized.containsKey(f) && after.sized.containsKey(f)) {
            double a = sized.get(f);
            double b = after.sized.get(f);
            return Math.abs(a - b) <= ALIKE * Math.max(a, b);
        }
        return told.containsKey(f) && told.get(f).equals(after.told.get(f));
    }

    private Optional<String> in(Facet f) {
        return sized.containsKey(f)
                ? Optional.of(Say.number(Math.rint(sized.get(f))))
                : Optional.ofNullable(told.get(f));
    }

    /** What the differences may move all cylinders by, one standard deviation; infinite where it does not compare. */
    double sigma(Settings after) {
        double squares = 0;
        for (Unmatched u : against(after)) {
            boolean bothTold = in(u.facet()).isPresent() && after.in(u.facet()).isPresent();
            if (!bothTold && !Double.isFinite(u.facet().sigma())) {
                continue;
            }
            double s = bothTold ? u.facet().sigma() : UNKNOWN_SHARE * u.facet().sigma();
            squares += s * s;
        }
        return Math.sqrt(squares);
    }
}
