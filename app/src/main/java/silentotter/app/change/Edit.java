package silentotter.app.change;

import com.fasterxml.jackson.annotation.JsonFormat;

/**
 * One value that a step changed. A row that was added is one whose {@code removed} went from 1 to 0.
 *
 * @param before number, text or nothing
 */
@JsonFormat(shape = JsonFormat.Shape.ARRAY)
record Edit(String table, long id, String column, Object before, Object after) {
    private static final String NAME = "[a-z_]{1,40}";

    Edit {
        // Names go into the statement as they are.
        if (!table.matches(NAME) || !column.matches(NAME)) {
            throw new IllegalArgumentException("no name of a table or column: " + table + "." + column);
        }
    }
}
