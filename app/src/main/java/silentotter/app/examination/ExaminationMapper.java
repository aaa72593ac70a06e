package silentotter.app.examination;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ExaminationMapper {
    record PartRow(ExaminationPart part, String document) {}

    record EndRow(long jobId, ExaminationPart part, String document) {}

    record PhotoRow(
            long id,
            String key,
            ExaminationPart part,
            int cylinder,
            String mediaType,
            byte[] content,
            String takenAt) {}

    /** The parts as they are now. */
    @Select("""
            select part, document from examination
            where id in (select max(id) from examination where job_id = #{jobId} and removed = 0 group by part)""")
    List<PartRow> parts(long jobId);

    /** What ended each of these jobs, as it is now. @param jobs as a JSON list */
    @Select("""
            select job_id, part, document from examination where id in (
                select max(id) from examination where job_id in (select value from json_each(#{jobs}))
                and part in ('FOUND', 'CLOSING') and removed = 0 group by job_id, part)""")
    List<EndRow> ends(String jobs);

    @Select("""
            select part, document from examination where id in (
                select max(x.id) from examination x join job j on j.id = x.job_id
                where j.engine_id = #{engineId} and x.removed = 0 group by x.job_id, x.part)""")
    List<PartRow> partsOfEngine(long engineId);

    @Select(value = """
            insert into examination (job_id, part, document, description, at)
            values (#{jobId}, #{part}, #{document}, #{description}, #{at}) returning id""", affectData = true)
    long insert(long jobId, ExaminationPart part, String document, String description, String at);

    @Select("""
            select id, key, part, cylinder, media_type, null as content, taken_at from photo
            where job_id = #{jobId} and removed = 0 order by id""")
    List<PhotoRow> photos(long jobId);

    @Select("""
            select id, key, part, cylinder, media_type, content, taken_at from photo
            where key = #{key} and removed = 0""")
    Optional<PhotoRow> photo(String key);

    @Select("""
            select distinct p.cylinder from photo p join job j on j.id = p.job_id
            where j.engine_id = #{engineId} and p.removed = 0""")
    Set<Integer> cylindersWithPhotos(long engineId);

    @Select("select coalesce(sum(length(content)), 0) from photo where job_id = #{jobId} and removed = 0")
    long bytesOfPhotos(long jobId);

    @Select("select count(*) from photo where job_id = #{jobId} and removed = 0")
    int countPhotos(long jobId);

    @Select(value = """
            insert into photo (job_id, key, part, cylinder, media_type, content, taken_at)
            values (#{jobId}, #{key}, #{p.part}, #{p.cylinder}, #{p.mediaType}, #{content}, #{p.takenAt})
            returning id""", affectData = true)
    long insertPhoto(long jobId, String key, Photos.Photo p, byte[] content);
}
