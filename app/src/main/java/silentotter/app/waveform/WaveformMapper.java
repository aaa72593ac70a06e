package silentotter.app.waveform;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface WaveformMapper {
    record FileRow(String key, long jobId, String name, long bytes, String at) {}

    record Row(long id, long jobId, @Nullable String fileKey, String document, double step, String takenAt) {}

    record Kept(double step, byte[] samples) {}

    @Insert("insert into waveform_file (key, job_id, name, bytes, at) values (#{key}, #{jobId}, #{name}, 0, #{at})")
    void file(String key, long jobId, String name, String at);

    @Update("update waveform_file set bytes = #{bytes} where key = #{key}")
    void bytesOf(String key, long bytes);

    @Insert(
            "insert into waveform_piece (job_id, file_key, number, content) values (#{jobId}, #{key}, #{number}, #{content})")
    void piece(long jobId, String key, int number, byte[] content);

    @Select("select key, job_id, name, bytes, at from waveform_file where key = #{key}")
    Optional<FileRow> fileOf(String key);

    @Select("select content from waveform_piece where file_key = #{key} and number = #{number}")
    Optional<byte[]> pieceOf(String key, int number);

    /** Files that nobody made a waveform of, and that are not of today. */
    @Select("""
            select key from waveform_file where at < #{before}
            and key not in (select file_key from waveform where file_key is not null)""")
    List<String> forgotten(String before);

    @Delete("delete from waveform_piece where file_key = #{key}")
    void dropPieces(String key);

    @Delete("delete from waveform_file where key = #{key}")
    void dropFile(String key);

    @Select(value = """
            insert into waveform (job_id, file_key, document, step, samples, taken_at)
            values (#{jobId}, #{fileKey}, #{document}, #{step}, #{samples}, #{takenAt}) returning id""", affectData = true)
    long insert(long jobId, @Nullable String fileKey, String document, double step, byte[] samples, String takenAt);

    @Select("""
            select id, job_id, file_key, document, step, taken_at from waveform
            where job_id = #{jobId} and removed = 0 order by id""")
    List<Row> ofJob(long jobId);

    @Select("""
            select id, job_id, file_key, document, step, taken_at from waveform
            where job_id = #{jobId} and id = #{id} and removed = 0""")
    Optional<Row> byId(long jobId, long id);

    @Select("""
            select distinct json_extract(w.document, '$.cylinder') from waveform w join job j on j.id = w.job_id
            where j.engine_id = #{engineId} and w.removed = 0 and json_extract(w.document, '$.cylinder') is not null""")
    Set<Integer> cylindersHeld(long engineId);

    @Select("select step, samples from waveform where id = #{id}")
    Optional<Kept> samples(long id);

    @Select("select coalesce(sum(length(samples)), 0) from waveform where job_id = #{jobId} and removed = 0")
    long bytes(long jobId);
}
