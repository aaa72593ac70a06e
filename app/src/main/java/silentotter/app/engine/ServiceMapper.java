package silentotter.app.engine;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ServiceMapper {
    @Select("select document from service_entry where engine_id = #{engineId} and removed = 0 order by date, id")
    List<String> ofEngine(long engineId);

    @Select(value = """
            insert into service_entry (engine_id, date, document) values (#{engineId}, #{date}, #{document})
            returning id""", affectData = true)
    long insert(long engineId, String date, String document);
}
