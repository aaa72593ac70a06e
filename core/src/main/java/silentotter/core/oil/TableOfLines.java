package silentotter.core.oil;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A table with a header, pasted from a spreadsheet: each row is spoken as a line of a notebook, so that one reader does. */
final class TableOfLines {
    /** How a column is spoken; %s stands for its cell. */
    private static final Map<String, String> COLUMNS = Map.ofEntries(
            Map.entry("date", "%s"),
            Map.entry("day", "%s"),
            Map.entry("hours", "%s h"),
            Map.entry("h", "%s h"),
            Map.entry("engine hours", "%s h"),
            Map.entry("km", "%s km"),
            Map.entry("distance", "%s km"),
            Map.entry("odometer", "%s km"),
            Map.entry("miles", "%s mi"),
            Map.entry("mi", "%s mi"),
            Map.entry("dip", "dip %s mm"),
            Map.entry("mm", "dip %s mm"),
            Map.entry("level", "dip %s mm"),
            Map.entry("added", "topped up %s l"),
            Map.entry("top-up", "topped up %s l"),
            Map.entry("topped up", "topped up %s l"),
            Map.entry("litres", "topped up %s l"),
            Map.entry("l", "topped up %s l"),
            Map.entry("drained", "drained %s l"),
            Map.entry("filled", "filled %s l"),
            Map.entry("fuel", "fuel %s l"),
            Map.entry("wait", "%s min"),
            Map.entry("grade", "%s"),
            Map.entry("note", "%s"),
            Map.entry("remarks", "%s"));

    private TableOfLines() {}

    static List<String> spoken(List<String> lines) {
        Optional<String> first = lines.stream().filter(l -> !l.isEmpty()).findFirst();
        Optional<String> separator = first.flatMap(TableOfLines::separator);
        if (separator.isEmpty()) {
            return lines;
        }
        List<String> names = cells(first.get(), separator.get());
        List<String> spoken = new ArrayList<>();
        boolean header = true;
        for (String line : lines) {
            if (line.isEmpty() || header) {
                header &= line.isEmpty();
                spoken.add("");
                continue;
            }
            List<String> cells = cells(line, separator.get());
            List<String> parts = new ArrayList<>();
            for (int c = 0; c < Math.min(names.size(), cells.size()); c++) {
                String cell = cells.get(c);
                if (!cell.isEmpty()) {
                    parts.add(COLUMNS.getOrDefault(names.get(c).toLowerCase(Locale.ROOT), "%s")
                            .replace("%s", cell));
                }
            }
            spoken.add(String.join(" ; ", parts));
        }
        return spoken;
    }

    /** What stands between the cells of a header; empty where the first line is none. */
    private static Optional<String> separator(String first) {
        return List.of("\t", ";", ",").stream()
                .filter(s -> cells(first, s).stream()
                                .filter(c -> COLUMNS.containsKey(c.toLowerCase(Locale.ROOT)))
                                .count()
                        >= 2)
                .findFirst();
    }

    private static List<String> cells(String line, String separator) {
        return List.of(line.split(java.util.regex.Pattern.quote(separator), -1)).stream()
                .map(c -> c.strip().replaceAll("^\"|\"$", ""))
                .toList();
    }
}
