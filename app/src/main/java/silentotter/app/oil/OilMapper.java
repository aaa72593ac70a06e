package silentotter.app.oil;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import silentotter.app.change.SentBefore;

@Mapper
interface OilMapper {
    record Row(long id, String document, String setAside) {}

    record ReminderRow(long id, String date, String words) {}

    @Select("select engine_id from job where id = #{jobId}")
    Optional<Long> engineOf(long jobId);

    @Select("select id, document, set_aside from oil_entry where engine_id = #{engineId} and removed = 0 order by id")
    List<Row> entries(long engineId);

    @Select("""
            select id, document, set_aside from oil_entry
            where engine_id = #{engineId} and id = #{id} and removed = 0""")
    Optional<Row> entry(long engineId, long id);

    /** The engine stands where a job would: a key belongs to one line of one engine. */
    @Select("select engine_id as job_id, sent, removed from oil_entry where key = #{key}")
    Optional<SentBefore> sentBefore(String key);

    @Select(value = """
            insert into oil_entry (engine_id, key, sent, document, set_aside)
            values (#{engineId}, #{key}, #{sent}, #{document}, #{setAside}) returning id""", affectData = true)
    long insert(long engineId, String key, String sent, String document, String setAside);

    @Select("select id, document, set_aside from oil_trial where engine_id = #{engineId} and removed = 0 order by id")
    List<Row> trials(long engineId);

    @Select("""
            select id, document, set_aside from oil_trial
            where engine_id = #{engineId} and id = #{id} and removed = 0""")
    Optional<Row> trial(long engineId, long id);

    @Select(value = """
            insert into oil_trial (engine_id, document, set_aside) values (#{engineId}, #{document}, #{setAside})
            returning id""", affectData = true)
    long insertTrial(long engineId, String document, String setAside);

    @Select("""
            select engine_id from oil_entry where removed = 0 union
            select engine_id from oil_trial where removed = 0 union
            select engine_id from reminder where removed = 0""")
    List<Long> enginesWithSomethingDue();

    /** Jobs whose signs, as they last were, hold a wait that was started. */
    @Select("""
            select x.job_id from examination x where x.removed = 0 and x.part = 'SIGNS'
                and json_extract(x.document, '$.soak.startedAt') > #{since}
                and x.id = (select max(y.id) from examination y
                    where y.job_id = x.job_id and y.part = x.part and y.removed = 0)""")
    List<Long> jobsWithSoak(String since);

    @Select("select id from job where engine_id = #{engineId} order by date desc, id desc limit 1")
    Optional<Long> latestJob(long engineId);

    @Select("select id, date, words from reminder where engine_id = #{engineId} and removed = 0 order by date, id")
    List<ReminderRow> reminders(long engineId);

    @Select(value = """
            insert into reminder (engine_id, date, words) values (#{engineId}, #{date}, #{words}) returning id""", affectData = true)
    long insertReminder(long engineId, String date, String words);
}
