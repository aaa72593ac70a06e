package silentotter.app.engine;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface EngineMapper {
    @Select("select id, name, cylinders, revision, document from engine where id = #{id}")
    Optional<EngineRow> byId(long id);

    @Select("select id, name, cylinders, revision, document from engine where merged_into is null order by name, id")
    List<EngineRow> all();

    /** Tables whose rows belong to an engine, whatever they hold. */
    @Select("""
            select m.name from sqlite_master m join pragma_table_info(m.name) c on c.name = 'engine_id'
            where m.type = 'table' order by m.name""")
    List<String> tablesOfEngines();

    /** @param table one of those above */
    @Select("select id from ${table} where engine_id = #{engineId} order by id")
    List<Long> rowsOfEngine(String table, long engineId);

    @Select(
            value =
                    "insert into engine (name, family, cylinders, document) values (#{name}, #{family}, #{cylinders}, #{document}) returning id",
            affectData = true)
    long insert(String name, String family, int cylinders, String document);

    @Update("""
            update engine set name = #{name}, family = #{family}, cylinders = #{cylinders}, document = #{document}, revision = revision + 1
            where id = #{id} and revision = #{revision}""")
    int update(long id, int revision, String name, String family, int cylinders, String document);
}
