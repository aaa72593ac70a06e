package silentotter.app.compression;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.core.compression.PassKind;

@Mapper
interface CompressionMapper {
    record PassRow(long id, PassKind kind, int revision, String conditions) {}

    record ReadingRow(
            long id,
            long passId,
            String key,
            int cylinder,
            boolean finalOnly,
            Double oilMl,
            String setAside,
            String takenAt) {}

    record StrokeRow(long id, long readingId, int number, double kpa) {}

    @Select(
            "select id, kind, revision, conditions from compression_pass where job_id = #{jobId} and removed = 0 order by id")
    List<PassRow> passes(long jobId);

    @Select("select id, kind, revision, conditions from compression_pass where id = #{id}")
    Optional<PassRow> pass(long id);

    @Select("""
            select r.id, r.pass_id, r.key, r.cylinder, r.final_only, r.oil_ml, r.set_aside, r.taken_at
            from compression_reading r join compression_pass p on p.id = r.pass_id
            where p.job_id = #{jobId} and r.removed = 0 and p.removed = 0 order by r.id""")
    List<ReadingRow> readings(long jobId);

    @Select("""
            select s.id, s.reading_id, s.number, s.kpa
            from compression_stroke s join compression_reading r on r.id = s.reading_id
            join compression_pass p on p.id = r.pass_id
            where p.job_id = #{jobId} and s.removed = 0 and r.removed = 0 and p.removed = 0
            order by s.reading_id, s.number""")
    List<StrokeRow> strokes(long jobId);

    @Select("select count(*) > 0 from compression_reading where key = #{key}")
    boolean hasReading(String key);

    @Select(value = """
            insert into compression_pass (job_id, kind, conditions) values (#{jobId}, #{kind}, #{conditions})
            returning id""", affectData = true)
    long insertPass(long jobId, PassKind kind, String conditions);

    @Select(value = """
            insert into compression_reading (pass_id, key, cylinder, final_only, oil_ml, set_aside, taken_at)
            values (#{passId}, #{key}, #{cylinder}, #{finalOnly}, #{oilMl}, #{setAside}, #{takenAt}) returning id""", affectData = true)
    long insertReading(
            long passId, String key, int cylinder, boolean finalOnly, Double oilMl, String setAside, String takenAt);

    @Select(value = """
            insert into compression_stroke (reading_id, number, kpa) values (#{readingId}, #{number}, #{kpa})
            on conflict do nothing returning id""", affectData = true)
    Long insertStroke(long readingId, int number, double kpa);

    @Update("""
            update compression_pass set conditions = #{conditions}, revision = revision + 1
            where id = #{id} and revision = #{revision}""")
    int updateConditions(long id, int revision, String conditions);

    @Update("update compression_reading set set_aside = #{reason} where id = #{id}")
    void setAside(long id, String reason);

    @Update("update compression_pass set removed = #{removed} where id = #{id}")
    void removePass(long id, boolean removed);

    @Update("update compression_reading set removed = #{removed} where id = #{id}")
    void removeReading(long id, boolean removed);

    @Update("update compression_stroke set removed = #{removed} where id = #{id}")
    void removeStroke(long id, boolean removed);
}
