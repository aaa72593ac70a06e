package silentotter.app.practice;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface PracticeMapper {
    /** A case as it is kept; what is true of it only once a verdict was given. */
    record Row(
            long jobId,
            String key,
            String technician,
            String begunAt,
            String deeds,
            @Nullable String verdict,
            @Nullable String finishedAt,
            @Nullable Double score,
            @Nullable Integer named,
            @Nullable String truth,
            @Nullable String faults,
            @Nullable String stated,
            @Nullable Double minutes) {}

    String COLUMNS =
            "job_id, key, technician, begun_at, deeds, verdict, finished_at, score, named, truth, faults, stated, minutes";

    @Select("select " + COLUMNS + " from practice_case where job_id = #{jobId}")
    Optional<Row> byJob(long jobId);

    /** Newest first. */
    @Select("select " + COLUMNS + " from practice_case order by job_id desc")
    List<Row> all();

    @Insert(
            "insert into practice_case (job_id, key, technician, begun_at) values (#{jobId}, #{key}, #{technician}, #{at})")
    void begin(long jobId, String key, String technician, String at);

    @Update("update practice_case set deeds = #{deeds} where job_id = #{jobId} and verdict is null")
    int did(long jobId, String deeds);

    @Update("""
            update practice_case set verdict = #{r.verdict}, finished_at = #{r.finishedAt}, score = #{r.score},
                named = #{r.named}, truth = #{r.truth}, faults = #{r.faults}, stated = #{r.stated}, minutes = #{r.minutes}
            where job_id = #{jobId} and verdict is null""")
    int finish(long jobId, Row r);

    @Insert("insert into practice_own (document) values (#{document}) on conflict do nothing")
    void own(String document);

    @Select("select id from practice_own order by id")
    List<Integer> owns();

    @Select("select document from practice_own where id = #{id}")
    Optional<String> ownCase(int id);
}
