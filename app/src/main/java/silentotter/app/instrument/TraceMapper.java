package silentotter.app.instrument;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import silentotter.app.instrument.Traces.FiledTrace;
import silentotter.app.instrument.Traces.Trace;

@Mapper
interface TraceMapper {
    /** Without their content, which only whoever asks for one needs. */
    @Select("""
            select key, station, cylinder, instrument, taken_at, reads from trace
            where job_id = #{jobId} order by id""")
    List<Trace> ofJob(long jobId);

    @Select("select count(*) from trace where job_id = #{jobId}")
    int count(long jobId);

    @Select("select content from trace where key = #{key}")
    Optional<byte[]> content(String key);

    @Select("""
            select distinct t.cylinder from trace t join job j on j.id = t.job_id
            where j.engine_id = #{engineId} and t.cylinder > 0""")
    Set<Integer> cylindersHeld(long engineId);

    @Select("select coalesce(sum(length(content)), 0) from trace where job_id = #{jobId}")
    long bytes(long jobId);

    @Insert("""
            insert into trace (job_id, key, station, cylinder, instrument, taken_at, reads, content)
            values (#{jobId}, #{key}, #{t.station}, #{t.cylinder}, #{t.instrument}, #{t.takenAt}, #{t.reads},
                #{t.content})""")
    void insert(long jobId, String key, FiledTrace t);
}
