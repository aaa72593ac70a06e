package silentotter.app.change;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface CorrectionMapper {
    @Select(value = """
            insert into correction (job_id, at, words) values (#{jobId}, #{at}, #{words}) returning id""", affectData = true)
    long insert(long jobId, String at, String words);

    @Select("select at, words from correction where job_id = #{jobId} and removed = 0 order by id")
    List<Corrections.Correction> of(long jobId);

    @Update("update correction set removed = #{removed} where id = #{id}")
    void remove(long id, boolean removed);
}
