package silentotter.app.storage;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Deletes a row for good with everything that refers to it, found by the foreign keys: whatever a later version keeps of a
 * job goes with it. What is deleted is overwritten in the file. Backups made before still hold it.
 */
@Component
public class Erasure {
    private final ErasureMapper mapper;

    Erasure(ErasureMapper mapper) {
        this.mapper = mapper;
    }

    @Transactional
    public void erase(String table, long id) {
        mapper.overwrite("on");
        try {
            erase(table, "id = " + id);
        } finally {
            mapper.overwrite("off");
        }
    }

    private void erase(String table, String where) {
        List<Long> ids = new ArrayList<>(mapper.ids(table, where));
        List<ErasureMapper.Child> children = mapper.children(table);
        // An engine that was merged into this one is a part of it: what refers to its own table goes as well.
        for (ErasureMapper.Child own : children) {
            for (int i = 0; own.name().equals(table) && i < ids.size(); i++) {
                mapper.ids(table, own.col() + " = " + ids.get(i)).stream()
                        .filter(id -> !ids.contains(id))
                        .forEach(ids::add);
            }
        }
        if (ids.isEmpty()) {
            return;
        }
        String these = ids.stream().map(String::valueOf).collect(Collectors.joining(", ", "(", ")"));
        for (ErasureMapper.Child child : children) {
            if (!child.name().equals(table)) {
                erase(child.name(), child.col() + " in " + these);
            }
        }
        for (int i = ids.size() - 1; i >= 0; i--) {
            mapper.delete(table, "id = " + ids.get(i));
        }
    }
}
