package silentotter.app.storage;

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
        for (ErasureMapper.Child child : mapper.children(table)) {
            erase(child.name(), child.col() + " in (select id from " + table + " where " + where + ")");
        }
        mapper.delete(table, where);
    }
}
