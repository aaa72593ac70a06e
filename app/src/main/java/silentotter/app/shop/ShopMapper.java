package silentotter.app.shop;

import java.util.List;
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
}
