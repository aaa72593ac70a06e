package silentotter.app.job;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.core.diagnosis.Tone;

@Mapper
interface JobMapper {
    /** A job that was looked for. @param total how many there are like it */
    record Hit(long id, int total) {}

    @Select("select distinct technician from job where technician <> '' order by technician")
    List<String> technicians();

    @Select("select distinct family from engine where family <> '' order by family")
    List<String> families();

    String LINES = """
            select j.id, j.date, j.engine_id, e.name as engine_name, e.cylinders, j.complaint, j.technician,
                j.headline, j.tone, coalesce(j.headline_of = j.revision, 0) as up_to_date
            from job j join engine e on e.id = j.engine_id
            """;

    @Select("select id, engine_id, document_revision, document, revision, changed_at from job where id = #{id}")
    Optional<JobRow> byId(long id);

    @Select("select id from job where engine_id = #{engineId} order by date, id")
    List<Long> ofEngine(long engineId);

    @Select("select id, revision from job where engine_id = #{engineId} order by date, id")
    List<JobRevision> revisionsOfEngine(long engineId);

    @Select("select revision from job where id = #{id}")
    Optional<Integer> revision(long id);

    /** Newest first. All jobs are gone through once: walking along the index of dates is slower where few are meant. */
    @Select("""
            <script>
            select j.id, count(*) over () as total from job j
            <where>
            <if test="like != ''">
                (j.complaint like #{like} escape '\\' or j.headline like #{like} escape '\\'
                or j.technician like #{like} escape '\\' or j.date like #{like} escape '\\'
                or j.engine_id in (select id from engine where name like #{like} escape '\\'))
            </if>
            <if test="f.faultName() != ''">and j.suspect = #{f.faultName}</if>
            <if test="f.family() != ''">and j.engine_id in (select id from engine where family = #{f.family})</if>
            <if test="f.technician() != ''">and j.technician = #{f.technician}</if>
            <if test="f.from() != ''">and j.date &gt;= #{f.from}</if>
            <if test="f.to() != ''">and j.date &lt;= #{f.to}</if>
            <if test="f.openAsked() != null">and (j.open_findings > 0) = #{f.openAsked}</if>
            <if test="f.engineList() != null">
                and j.engine_id in (select value from json_each(#{f.engineList}))
            </if>
            <if test="f.outcomeAsked() != null">
                and (j.id in (select job_id from examination
                    where part = 'FOUND' and removed = 0 and document &lt;&gt; '{}')) = #{f.outcomeAsked}
            </if>
            </where>
            order by +j.date desc, j.id desc limit #{limit} offset #{offset}
            </script>""")
    List<Hit> hits(JobFilter f, String like, int limit, int offset);

    @Select("select count(*) from job")
    int countAll();

    @Select(LINES + "order by j.date desc, j.id desc limit #{limit} offset #{offset}")
    List<JobLine> newest(int limit, int offset);

    /** @param ids as a JSON list */
    @Select(LINES + "where j.id in (select value from json_each(#{ids})) order by j.date desc, j.id desc")
    List<JobLine> lines(String ids);

    @Select(LINES + "where j.engine_id = #{engineId} order by j.date desc, j.id desc")
    List<JobLine> linesOfEngine(long engineId);

    @Select(LINES + "order by j.date, j.id")
    List<JobLine> allLines();

    @Select(value = """
            insert into job (engine_id, date, complaint, technician, document, changed_at)
            values (#{engineId}, #{date}, #{complaint}, #{technician}, #{document}, #{changedAt}) returning id""", affectData = true)
    long insert(long engineId, String date, String complaint, String technician, String document, String changedAt);

    /** Keeps a headline, unless the job has changed since it was worked out. */
    @Update("""
            update job set headline = #{headline}, tone = #{tone}, suspect = #{suspect}, open_findings = #{open},
                headline_of = #{revision}
            where id = #{id} and revision = #{revision}""")
    int keepHeadline(long id, int revision, String headline, Tone tone, String suspect, int open);

    /** Jobs whose headline belongs to an older revision, newest first. */
    @Select("select id from job where headline_of is not revision order by date desc, id desc limit #{limit}")
    List<Long> withOldHeadline(int limit);
}
