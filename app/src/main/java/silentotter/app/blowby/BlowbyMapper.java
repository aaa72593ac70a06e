package silentotter.app.blowby;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.app.change.SentBefore;

@Mapper
interface BlowbyMapper {
    record ReadingRow(long id, String document, String setAside, String takenAt) {}

    record ToolRow(long id, int revision, String document) {}

    @Select("""
            select id, document, set_aside, taken_at from blowby_reading
            where job_id = #{jobId} and removed = 0 order by id""")
    List<ReadingRow> readings(long jobId);

    @Select("""
            select id, document, set_aside, taken_at from blowby_reading
            where job_id = #{jobId} and id = #{id} and removed = 0""")
    Optional<ReadingRow> reading(long jobId, long id);

    @Select("select count(*) from blowby_reading where job_id = #{jobId} and removed = 0")
    int count(long jobId);

    @Select("select job_id, sent, removed from blowby_reading where key = #{key}")
    Optional<SentBefore> sentBefore(String key);

    @Select(value = """
            insert into blowby_reading (job_id, key, sent, document, set_aside, taken_at)
            values (#{jobId}, #{key}, #{sent}, #{document}, #{setAside}, #{takenAt}) returning id""", affectData = true)
    long insert(long jobId, String key, String sent, String document, String setAside, String takenAt);

    @Select("select id, revision, document from crankcase_tool where removed = 0 order by kind, id")
    List<ToolRow> tools();

    @Select(
            value = "insert into crankcase_tool (kind, document) values (#{kind}, #{document}) returning id",
            affectData = true)
    long insertTool(String kind, String document);

    @Update("""
            update crankcase_tool set kind = #{kind}, document = #{document}, revision = revision + 1
            where id = #{id} and revision = #{revision} and removed = 0""")
    int updateTool(long id, int revision, String kind, String document);

    @Update("update crankcase_tool set removed = 1 where id = #{id} and revision = #{revision} and removed = 0")
    int removeTool(long id, int revision);
}
