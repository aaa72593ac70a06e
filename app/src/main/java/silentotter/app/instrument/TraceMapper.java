package silentotter.app.instrument;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface TraceMapper {
    record Row(
            String key,
            String station,
            int cylinder,
            String instrument,
            String takenAt,
            String reads,
            byte[] content) {}

    String COLUMNS = "key, station, cylinder, instrument, taken_at, reads, content";

    @Select("select " + COLUMNS + " from trace where job_id = #{jobId} order by id")
    List<Row> ofJob(long jobId);

    @Select("select " + COLUMNS + " from trace where key = #{key}")
    Optional<Row> byKey(String key);

    @Select("""
            select distinct t.cylinder from trace t join job j on j.id = t.job_id
            where j.engine_id = #{engineId} and t.cylinder > 0""")
    Set<Integer> cylindersHeld(long engineId);

    @Select("select coalesce(sum(length(content)), 0) from trace where job_id = #{jobId}")
    long bytes(long jobId);

    @Select(value = """
            insert into trace (job_id, key, station, cylinder, instrument, taken_at, reads, content)
            values (#{jobId}, #{r.key}, #{r.station}, #{r.cylinder}, #{r.instrument}, #{r.takenAt}, #{r.reads},
                #{r.content}) returning id""", affectData = true)
    long insert(long jobId, Row r);
}
