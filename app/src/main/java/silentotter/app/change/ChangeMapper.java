package silentotter.app.change;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ChangeMapper {
    String COLUMNS = "select id, job_id, kind, target_id, description, before, after from change ";
    String TOUCH = "update job set revision = revision + 1, changed_at = #{at} ";

    @Insert("""
            insert into change (job_id, at, kind, target_id, description, before, after)
            values (#{jobId}, #{at}, #{kind}, #{targetId}, #{description}, #{before}, #{after})""")
    void insert(long jobId, String at, ChangeKind kind, long targetId, String description, String before, String after);

    /** What was undone before something new was done is given up for good. */
    @Update("update change set undone = 2 where job_id = #{jobId} and undone = 1")
    void giveUpUndone(long jobId);

    @Select(COLUMNS + "where job_id = #{jobId} and undone = 0 order by id desc limit 1")
    Optional<Change> lastDone(long jobId);

    /** What was undone last: undone changes that are not given up are always the newest of all. */
    @Select(COLUMNS + "where job_id = #{jobId} and undone = 1 order by id limit 1")
    Optional<Change> lastUndone(long jobId);

    @Update("update change set undone = #{undone} where id = #{id}")
    void mark(long id, boolean undone);

    @Update(TOUCH + "where id = #{jobId}")
    void touch(long jobId, String at);

    @Update(TOUCH + "where engine_id = #{engineId}")
    void touchJobsOfEngine(long engineId, String at);

    @Update(TOUCH + "where id in (select job_id from leakdown_reading where tester_id = #{testerId})")
    void touchJobsReadOn(long testerId, String at);

    @Update(TOUCH)
    void touchAll(String at);
}
