package silentotter.app.shop;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ShopMapper {
    record Choice(String matter, String chosen) {}

    @Select("select matter, chosen from choice")
    List<Choice> choices();

    @Insert("""
            insert into choice (matter, chosen) values (#{matter}, #{chosen})
            on conflict (matter) do update set chosen = excluded.chosen""")
    void choose(Choice choice);

    record LessonRow(long id, String at, String document) {}

    /** Newest first. */
    @Select("select id, at, document from lesson where removed = 0 order by id desc")
    List<LessonRow> lessons();

    @Select("select max(id) from lesson where removed = 0")
    Optional<Long> lastLesson();

    @Select("select document from lesson where id = #{id}")
    String lesson(long id);

    @Insert("insert into lesson (at, document) values (#{at}, #{document})")
    void insertLesson(String at, String document);

    @Update("update lesson set removed = 1 where id = (select max(id) from lesson where removed = 0)")
    int removeLastLesson();

    @Select("select document from costs")
    Optional<String> costs();

    @Insert("""
            insert into costs (id, document) values (1, #{document})
            on conflict (id) do update set document = excluded.document""")
    void setCosts(String document);

    @Select("select document from letterhead")
    Optional<String> letterhead();

    @Insert("""
            insert into letterhead (id, document) values (1, #{document})
            on conflict (id) do update set document = excluded.document""")
    void setLetterhead(String document);
}
