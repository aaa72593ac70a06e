package silentotter.app.compression;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import silentotter.app.change.SentBefore;
import silentotter.core.compression.FiledReading;
import silentotter.core.compression.PassKind;

@Mapper
interface CompressionMapper {
    record PassRow(
            long id, long jobId, PassKind kind, int revision, String conditions, String settled, boolean removed) {}

    record ReadingRow(
            long id,
            long passId,
            String key,
            int cylinder,
            boolean finalOnly,
            Double oilMl,
            String setAside,
            String takenAt) {
        FiledReading reading(List<Double> strokesKPa) {
            return new FiledReading(cylinder, strokesKPa, finalOnly, oilMl, setAside, takenAt);
        }
    }

    record StrokeRow(long id, long readingId, int number, double kpa) {}

    record RepeatRow(long jobId, long passId, int cylinder, String temperature, double kpa) {}

    /** The final values of every cylinder that was read more than once in a dry pass, on all jobs, in order. */
    @Select("""
            with again as (
                select r.pass_id, r.cylinder from compression_reading r join compression_pass p on p.id = r.pass_id
                where r.removed = 0 and r.set_aside is null and p.removed = 0 and p.kind = 'DRY'
                group by r.pass_id, r.cylinder having count(*) > 1)
            select p.job_id, r.pass_id, r.cylinder, coalesce(p.conditions ->> '$.temperature', '') as temperature,
                (select s.kpa from compression_stroke s where s.reading_id = r.id and s.removed = 0
                    order by s.number desc limit 1) as kpa
            from again a join compression_reading r on r.pass_id = a.pass_id and r.cylinder = a.cylinder
            join compression_pass p on p.id = r.pass_id
            where r.removed = 0 and r.set_aside is null
                and exists (select 1 from compression_stroke s where s.reading_id = r.id and s.removed = 0 and s.kpa > 0)
            order by r.pass_id, r.cylinder, r.id""")
    List<RepeatRow> repeats();

    record Poured(int cylinder, double oilMl) {}

    record NewReading(long id, long passId, String key, FiledReading reading) {}

    record NewStroke(long readingId, int number, double kpa) {}

    String PASS = "select id, job_id, kind, revision, conditions, settled, removed from compression_pass ";
    String READING = """
            select r.id, r.pass_id, r.key, r.cylinder, r.final_only, r.oil_ml, r.set_aside, r.taken_at
            from compression_reading r join compression_pass p on p.id = r.pass_id
            where p.job_id = #{jobId} and r.removed = 0 and p.removed = 0
            """;

    @Select(PASS + "where job_id = #{jobId} and removed = 0 order by id")
    List<PassRow> passes(long jobId);

    @Select(PASS + "where id = #{id}")
    Optional<PassRow> pass(long id);

    @Select(READING + "order by r.id")
    List<ReadingRow> readings(long jobId);

    @Select(READING + "and r.id = #{id}")
    Optional<ReadingRow> reading(long jobId, long id);

    @Select("""
            select count(*) from compression_reading r join compression_pass p on p.id = r.pass_id
            where p.job_id = #{jobId} and r.removed = 0 and p.removed = 0""")
    int countReadings(long jobId);

    @Select(
            "select count(*) from compression_reading where pass_id = #{passId} and cylinder = #{cylinder} and removed = 0")
    int attempts(long passId, int cylinder);

    @Select("""
            select s.id, s.reading_id, s.number, s.kpa
            from compression_stroke s join compression_reading r on r.id = s.reading_id
            join compression_pass p on p.id = r.pass_id
            where p.job_id = #{jobId} and s.removed = 0 and r.removed = 0 and p.removed = 0
            order by s.reading_id, s.number""")
    List<StrokeRow> strokes(long jobId);

    @Select("""
            select s.id, s.reading_id, s.number, s.kpa
            from compression_stroke s join compression_reading r on r.id = s.reading_id
            where r.pass_id = #{passId} and s.removed = 0 and r.removed = 0 order by s.id""")
    List<StrokeRow> strokesOfPass(long passId);

    @Select("select kpa from compression_stroke where reading_id = #{readingId} and removed = 0 order by number")
    List<Double> strokesOf(long readingId);

    @Select("""
            select max(s.kpa) from compression_stroke s join compression_reading r on r.id = s.reading_id
            where r.pass_id = #{passId} and s.removed = 0 and r.removed = 0""")
    Optional<Double> highestValue(long passId);

    @Select("""
            select r.cylinder, sum(r.oil_ml) as oil_ml
            from compression_reading r join compression_pass p on p.id = r.pass_id
            where p.job_id = #{jobId} and p.kind = 'WET' and r.oil_ml is not null and r.removed = 0 and p.removed = 0
            group by r.cylinder""")
    List<Poured> poured(long jobId);

    @Select("""
            select distinct r.cylinder from compression_reading r
            join compression_pass p on p.id = r.pass_id join job j on j.id = p.job_id
            where j.engine_id = #{engineId} and r.removed = 0 and p.removed = 0""")
    Set<Integer> cylindersRead(long engineId);

    @Select("""
            select p.job_id, r.sent, r.removed or p.removed as removed
            from compression_reading r join compression_pass p on p.id = r.pass_id where r.key = #{key}""")
    Optional<SentBefore> sentBefore(String key);

    @Select(value = """
            insert into compression_pass (job_id, kind, conditions, settled)
            values (#{jobId}, #{kind}, #{conditions}, #{settled}) returning id""", affectData = true)
    long insertPass(long jobId, PassKind kind, String conditions, String settled);

    @Select(value = """
            insert into compression_reading (pass_id, key, cylinder, final_only, oil_ml, taken_at, sent)
            values (#{passId}, #{key}, #{r.cylinder}, #{r.finalOnly}, #{r.oilMl}, #{r.takenAt}, #{sent})
            returning id""", affectData = true)
    long insertReading(long passId, String key, FiledReading r, String sent);

    @Select("select coalesce(max(id), 0) from compression_reading")
    long highestReading();

    @Insert("""
            insert into compression_reading (id, pass_id, key, cylinder, final_only, oil_ml, set_aside, taken_at)
            values (#{id}, #{passId}, #{key}, #{reading.cylinder}, #{reading.finalOnly}, #{reading.oilMl},
                #{reading.setAside}, #{reading.takenAt})""")
    void insertFiledReading(NewReading reading);

    @Insert("insert into compression_stroke (reading_id, number, kpa) values (#{readingId}, #{number}, #{kpa})")
    void insertFiledStroke(NewStroke stroke);

    @Select(value = """
            insert into compression_stroke (reading_id, number, kpa) values (#{readingId}, #{number}, #{kpa})
            on conflict do nothing returning id""", affectData = true)
    Long insertStroke(long readingId, int number, double kpa);
}
