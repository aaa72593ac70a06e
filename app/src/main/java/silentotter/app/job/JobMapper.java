package silentotter.app.job;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.core.diagnosis.Tone;

@Mapper
interface JobMapper {
    /** A filter as statements take it: MyBatis reads getters. */
    record Asked(
            String faultName,
            String family,
            String technician,
            String from,
            String to,
            Integer openAsked,
            String engineList,
            Integer outcomeAsked) {
        static Asked of(JobFilter f) {
            return new Asked(
                    f.faultName(),
                    f.family(),
                    f.technician(),
                    f.from(),
                    f.to(),
                    f.openAsked(),
                    f.engineList(),
                    f.outcomeAsked());
        }
    }

    @Select("select distinct technician from job where technician <> '' order by technician")
    List<String> technicians();

    @Select("select distinct family from engine where family <> '' order by family")
    List<String> families();

    String MATCHES = """
            where (#{like} = '' or e.name like #{like} escape '\\' or j.complaint like #{like} escape '\\'
                or j.technician like #{like} escape '\\' or j.date like #{like} escape '\\'
                or j.headline like #{like} escape '\\')
            and (#{f.faultName} = '' or j.suspect = #{f.faultName})
            and (#{f.family} = '' or e.family = #{f.family})
            and (#{f.technician} = '' or j.technician = #{f.technician})
            and (#{f.from} = '' or j.date >= #{f.from}) and (#{f.to} = '' or j.date <= #{f.to})
            and (#{f.openAsked} is null or (j.open_findings > 0) = #{f.openAsked})
            and (#{f.engineList} is null or j.engine_id in (select value from json_each(#{f.engineList})))
            and (#{f.outcomeAsked} is null or #{f.outcomeAsked} = exists (select 1 from examination x
                where x.job_id = j.id and x.part = 'FOUND' and x.removed = 0 and x.document <> '{}'))""";

    @Select("select id, engine_id, document_revision, document, revision, changed_at from job where id = #{id}")
    Optional<JobRow> byId(long id);

    @Select("select id from job where engine_id = #{engineId} order by date, id")
    List<Long> ofEngine(long engineId);

    @Select("select revision from job where id = #{id}")
    Optional<Integer> revision(long id);

    @Select("""
            select j.id, j.date, j.engine_id, e.name as engine_name, e.cylinders, j.complaint, j.technician,
                j.headline, j.tone, coalesce(j.headline_of = j.revision, 0) as up_to_date
            from job j join engine e on e.id = j.engine_id
            """ + MATCHES + " order by j.date desc, j.id desc limit #{limit} offset #{offset}")
    List<JobLine> lines(Asked f, String like, int limit, int offset);

    @Select("""
            select j.id, j.date, j.engine_id, e.name as engine_name, e.cylinders, j.complaint, j.technician,
                j.headline, j.tone, coalesce(j.headline_of = j.revision, 0) as up_to_date
            from job j join engine e on e.id = j.engine_id where j.engine_id = #{engineId}
            order by j.date desc, j.id desc""")
    List<JobLine> linesOfEngine(long engineId);

    @Select("""
            select j.id, j.date, j.engine_id, e.name as engine_name, e.cylinders, j.complaint, j.technician,
                j.headline, j.tone, coalesce(j.headline_of = j.revision, 0) as up_to_date
            from job j join engine e on e.id = j.engine_id order by j.date, j.id""")
    List<JobLine> allLines();

    @Select("select count(*) from job j join engine e on e.id = j.engine_id " + MATCHES)
    int count(Asked f, String like);

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
    @Select("select id from job where headline_of is not revision order by date desc, id desc")
    List<Long> withOldHeadline();
}
