package silentotter.app.outcome;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface OutcomeMapper {
    record PredictionRow(long jobId, String document) {}

    /** The prediction that counts on a job, with what its page is called. */
    record PastRow(long jobId, long engineId, String engineName, String date, Double hours, String document) {}

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

    /** The last prediction of each job; it counts. */
    @Select("""
            select p.job_id, j.engine_id, e.name as engine_name, j.date, j.document ->> '$.hours' as hours,
                p.document
            from prediction p join job j on j.id = p.job_id join engine e on e.id = j.engine_id
            where p.id in (select max(id) from prediction where removed = 0 group by job_id)
            order by j.date, j.id""")
    List<PastRow> past();
}
