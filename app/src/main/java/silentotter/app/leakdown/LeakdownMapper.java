package silentotter.app.leakdown;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.app.change.SentBefore;

@Mapper
interface LeakdownMapper {
    record TesterRow(long id, int revision, String document, String since, Long follows, String until) {}

    record LeakdownRow(long id, long testerId, int cylinder, String document, String setAside, String takenAt) {}

    record RepeatRow(long jobId, long testerId, int cylinder, String state, double percent) {}

    /**
     * Every cylinder that was read more than once alike: on one tester, in one state, before any valve was moved. In order.
     */
    @Select("""
            with plain as (
                select id, job_id, tester_id, cylinder, coalesce(document ->> '$.state', '') as state,
                    document ->> '$.leakPercent' as percent
                from leakdown_reading
                where removed = 0 and set_aside is null and document ->> '$.kind' = 'STANDARD'
                    and document ->> '$.doneBefore' is null and document ->> '$.leakPercent' is not null)
            select job_id, tester_id, cylinder, state, percent from plain p
            where (select count(*) from plain q where q.job_id = p.job_id and q.tester_id = p.tester_id
                and q.cylinder = p.cylinder and q.state = p.state) > 1
            order by job_id, tester_id, cylinder, state, id""")
    List<RepeatRow> repeats();

    String TESTER = """
            select t.id, t.revision, t.document, t.since, t.follows,
                (select n.since from tester n where n.follows = t.id) as until
            from tester t
            """;

    @Select(TESTER + "order by t.id")
    List<TesterRow> testers();

    @Select(value = """
            insert into tester (name, document, since, follows) values (#{name}, #{document}, #{since}, #{follows})
            returning id""", affectData = true)
    long insertTester(String name, String document, String since, Long follows);

    record CheckRow(long testerId, String document) {}

    /** Oldest first. */
    @Select("select tester_id, document from tester_check order by id")
    List<CheckRow> checks();

    @Insert("insert into tester_check (tester_id, document) values (#{testerId}, #{document})")
    void insertCheck(long testerId, String document);

    @Update("""
            update tester set name = #{name}, document = #{document}, revision = revision + 1
            where id = #{id} and revision = #{revision}""")
    int updateTester(long id, int revision, String name, String document);

    @Select("""
            select id, tester_id, cylinder, document, set_aside, taken_at from leakdown_reading
            where job_id = #{jobId} and removed = 0 order by id""")
    List<LeakdownRow> readings(long jobId);

    @Select("""
            select id, tester_id, cylinder, document, set_aside, taken_at from leakdown_reading
            where job_id = #{jobId} and id = #{id} and removed = 0""")
    Optional<LeakdownRow> reading(long jobId, long id);

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
            values (#{jobId}, #{key}, #{sent}, #{testerId}, #{r.cylinder}, #{document}, #{r.setAside}, #{takenAt})
            returning id""", affectData = true)
    long insert(long jobId, String key, String sent, long testerId, String document, String takenAt, StoredLeakdown r);
}
