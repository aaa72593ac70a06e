package silentotter.app.shop;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ShopMapper {
    record Choice(String matter, String chosen) {}

    @Select("select matter, chosen from choice")
    List<Choice> choices();

    @Insert("""
            insert into choice (matter, chosen) values (#{matter}, #{chosen})
            on conflict (matter) do update set chosen = excluded.chosen""")
    void choose(Choice choice);

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
