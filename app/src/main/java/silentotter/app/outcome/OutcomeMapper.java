package silentotter.app.outcome;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface OutcomeMapper {
    record PredictionRow(long jobId, String document) {}

    /** A job with a prediction, and what its page is called. @param prediction the one that counts: the last */
    record PastRow(
            long jobId, int revision, long engineId, String engineName, String date, Double hours, long prediction) {}

    /** Oldest first. */
    @Select("select job_id, document from prediction where job_id = #{jobId} and removed = 0 order by id")
    List<PredictionRow> predictions(long jobId);

    @Select(
            value = "insert into prediction (job_id, document) values (#{jobId}, #{document}) returning id",
            affectData = true)
    long insert(long jobId, String document);

    /** An engine of a family. @param hours most that any of its jobs says */
    record MemberRow(long id, String name, int jobs, Double hours) {}

    @Select("""
            select e.id, e.name, count(j.id) as jobs, max(j.document ->> '$.hours') as hours
            from engine e left join job j on j.engine_id = e.id where e.family = #{family}
            group by e.id order by e.name""")
    List<MemberRow> members(String family);

    @Select("""
            select j.id as job_id, j.revision, j.engine_id, e.name as engine_name, j.date,
                j.document ->> '$.hours' as hours, max(p.id) as prediction
            from prediction p join job j on j.id = p.job_id join engine e on e.id = j.engine_id
            where p.removed = 0 group by j.id order by j.date, j.id""")
    List<PastRow> past();

    /** @param ids as a JSON list */
    @Select("select job_id, document from prediction where id in (select value from json_each(#{ids}))")
    List<PredictionRow> documents(String ids);
}
