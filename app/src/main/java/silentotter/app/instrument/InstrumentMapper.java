package silentotter.app.instrument;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface InstrumentMapper {
    record Row(long id, String name, String kind, String host, int port) {}

    @Select("select id, name, kind, host, port from instrument where removed = 0 order by id")
    List<Row> all();

    @Select(value = """
            insert into instrument (name, kind, host, port) values (#{name}, #{kind}, #{host}, #{port})
            returning id""", affectData = true)
    long insert(String name, String kind, String host, int port);

    @Update("update instrument set removed = 1 where id = #{id} and removed = 0")
    int remove(long id);
}
