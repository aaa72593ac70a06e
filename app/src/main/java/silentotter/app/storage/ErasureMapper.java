package silentotter.app.storage;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ErasureMapper {
    record Child(String name, String col) {}

    /** Tables with a column that refers to a table, and that column. */
    @Select("""
            select m.name, f."from" as col from sqlite_master m join pragma_foreign_key_list(m.name) f
            where m.type = 'table' and f."table" = #{table}""")
    List<Child> children(String table);

    @Select("select id from ${table} where ${where}")
    List<Long> ids(String table, String where);

    /** Names and conditions are made here, never sent in. */
    @Delete("delete from ${table} where ${where}")
    int delete(String table, String where);

    @Select("pragma secure_delete = ${mode}")
    Integer overwrite(String mode);
}
