package silentotter.app.shop;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import silentotter.core.compression.School;
import silentotter.core.plugs.PlugSchool;

@Mapper
interface ShopMapper {
    @Select("select leading_school from shop where id = 1")
    School leadingSchool();

    @Update("update shop set leading_school = #{school} where id = 1")
    void lead(School school);

    @Select("select leading_plug_school from shop where id = 1")
    PlugSchool leadingPlugSchool();

    @Update("update shop set leading_plug_school = #{school} where id = 1")
    void leadPlugs(PlugSchool school);
}
