package silentotter.app.change;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ChangeMapper {
    String COLUMNS = "select id, job_id, target_id, description, before, after, edits from change ";
    String TOUCH = "update job set revision = revision + 1, changed_at = #{at} ";

    @Insert("""
            insert into change (job_id, at, target_id, description, before, after, edits)
            values (#{jobId}, #{at}, #{targetId}, #{description}, #{before}, #{after}, #{edits})""")
    void insert(long jobId, String at, long targetId, String description, String before, String after, String edits);

    /** Names of tables and columns are checked by {@link Edit}. */
    @Update("update ${table} set ${column} = #{value} where id = #{id}")
    void set(String table, long id, String column, Object value);

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

    @Update(TOUCH + "where engine_id = (select engine_id from job where id = #{jobId})")
    void touchJobsOfSameEngine(long jobId, String at);

    @Update(TOUCH + "where id in (select job_id from leakdown_reading where tester_id = #{testerId})")
    void touchJobsReadOn(long testerId, String at);

    @Update(TOUCH)
    void touchAll(String at);

    @Select(value = """
            insert into correction (job_id, at, words) values (#{jobId}, #{at}, #{words}) returning id""", affectData = true)
    long insertCorrection(long jobId, String at, String words);

    @Select("select at, words from correction where job_id = #{jobId} and removed = 0 order by id")
    List<Correction> corrections(long jobId);
}
