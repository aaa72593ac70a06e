package silentotter.app.leakdown;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.app.change.SentBefore;

@Mapper
interface LeakdownMapper {
    record TesterRow(long id, int revision, String document) {}

    record LeakdownRow(long id, long testerId, int cylinder, String document, String setAside, String takenAt) {}

    @Select("select id, revision, document from tester order by id")
    List<TesterRow> testers();

    @Select("select id, revision, document from tester where id = #{id}")
    Optional<TesterRow> tester(long id);

    @Select(value = "insert into tester (name, document) values (#{name}, #{document}) returning id", affectData = true)
    long insertTester(String name, String document);

    @Update("""
            update tester set name = #{name}, document = #{document}, revision = revision + 1
            where id = #{id} and revision = #{revision}""")
    int updateTester(long id, int revision, String name, String document);

    @Select("""
            select id, tester_id, cylinder, document, set_aside, taken_at from leakdown_reading
            where job_id = #{jobId} and removed = 0 order by id""")
    List<LeakdownRow> readings(long jobId);

    @Select("""
            select l.id, l.tester_id, l.cylinder, l.document, l.set_aside, l.taken_at
            from leakdown_reading l join job j on j.id = l.job_id where j.engine_id = #{engineId} and l.removed = 0""")
    List<LeakdownRow> ofEngine(long engineId);

    @Select("select count(*) from leakdown_reading where job_id = #{jobId} and removed = 0")
    int count(long jobId);

    @Select("select job_id, sent, removed from leakdown_reading where key = #{key}")
    Optional<SentBefore> sentBefore(String key);

    @Select(value = """
            insert into leakdown_reading (job_id, key, sent, tester_id, cylinder, document, set_aside, taken_at)
            values (#{jobId}, #{key}, #{sent}, #{testerId}, #{cylinder}, #{document}, #{setAside}, #{takenAt})
            returning id""", affectData = true)
    long insert(
            long jobId,
            String key,
            String sent,
            long testerId,
            int cylinder,
            String document,
            String setAside,
            String takenAt);

    @Update("update leakdown_reading set cylinder = #{cylinder}, document = #{document} where id = #{id}")
    void move(long id, int cylinder, String document);

    @Update("update leakdown_reading set document = #{document} where id = #{id}")
    void updateDocument(long id, String document);

    @Update("update leakdown_reading set set_aside = #{reason} where id = #{id}")
    void setAside(long id, String reason);

    @Update("update leakdown_reading set removed = #{removed} where id = #{id}")
    void remove(long id, boolean removed);
}
