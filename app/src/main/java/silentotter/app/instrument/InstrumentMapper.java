package silentotter.app.instrument;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface InstrumentMapper {
    record Row(long id, String name, String kind, String address) {}

    @Select("select id, name, kind, address from instrument where removed = 0 order by id")
    List<Row> all();

    @Select(
            value = "insert into instrument (name, kind, address) values (#{name}, #{kind}, #{address}) returning id",
            affectData = true)
    long insert(String name, String kind, String address);

    @Update("update instrument set removed = 1 where id = #{id} and removed = 0")
    int remove(long id);
}
