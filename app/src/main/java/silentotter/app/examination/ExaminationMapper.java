package silentotter.app.examination;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ExaminationMapper {
    record PartRow(ExaminationPart part, String document) {}

    record PhotoRow(long id, ExaminationPart part, int cylinder, String mediaType, byte[] content, String takenAt) {}

    /** The parts as they are now. */
    @Select("""
            select part, document from examination
            where id in (select max(id) from examination where job_id = #{jobId} and removed = 0 group by part)""")
    List<PartRow> parts(long jobId);

    @Select("""
            select description || ' at ' || at from examination
            where job_id = #{jobId} and part = #{part} and removed = 0 and description like '%swapped%' order by id""")
    List<String> corrections(long jobId, ExaminationPart part);

    @Select(value = """
            insert into examination (job_id, part, document, description, at)
            values (#{jobId}, #{part}, #{document}, #{description}, #{at}) returning id""", affectData = true)
    long insert(long jobId, ExaminationPart part, String document, String description, String at);

    @Update("update examination set removed = #{removed} where id = #{id}")
    void remove(long id, boolean removed);

    @Select("""
            select id, part, cylinder, media_type, null as content, taken_at from photo
            where job_id = #{jobId} and removed = 0 order by id""")
    List<PhotoRow> photos(long jobId);

    @Select("select id, part, cylinder, media_type, content, taken_at from photo where id = #{id}")
    Optional<PhotoRow> photo(long id);

    @Select(value = """
            insert into photo (job_id, part, cylinder, media_type, content, taken_at)
            values (#{jobId}, #{part}, #{cylinder}, #{mediaType}, #{content}, #{takenAt}) returning id""", affectData = true)
    long insertPhoto(long jobId, ExaminationPart part, int cylinder, String mediaType, byte[] content, String takenAt);

    @Update("update photo set removed = #{removed} where id = #{id}")
    void removePhoto(long id, boolean removed);
}
