package silentotter.app.change;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ChangeMapper {
    String COLUMNS = "select id, job_id, kind, target_id, description, before, after from change ";

    @Insert("""
            insert into change (job_id, at, kind, target_id, description, before, after)
            values (#{jobId}, #{at}, #{kind}, #{targetId}, #{description}, #{before}, #{after})""")
    void insert(long jobId, String at, ChangeKind kind, long targetId, String description, String before, String after);

    @Select(COLUMNS + "where job_id = #{jobId} and undone = 0 order by id desc limit 1")
    Optional<Change> lastDone(long jobId);

    /** The oldest undone change that nothing newer has been done after. */
    @Select(COLUMNS + """
            where job_id = #{jobId} and undone = 1
                and id > coalesce((select max(id) from change where job_id = #{jobId} and undone = 0), 0)
            order by id limit 1""")
    Optional<Change> firstUndone(long jobId);

    @Update("update change set undone = #{undone} where id = #{id}")
    void mark(long id, boolean undone);
}
