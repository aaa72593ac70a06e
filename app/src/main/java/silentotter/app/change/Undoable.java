package silentotter.app.change;

import java.util.Set;

/** A feature that can take its changes back and do them again. */
public interface Undoable {
    Set<ChangeKind> kinds();

    void undo(Change change);

    void redo(Change change);
}
