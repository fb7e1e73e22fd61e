package org.waxbell.app.store;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Single values by name. */
@Mapper
public interface SettingMapper {
    /** The value of a setting, null where it was never set. */
    @Select("select value from setting where name = #{name}")
    @Nullable
    String get(String name);

    /** Sets a value. */
    @Insert("insert or replace into setting (name, value) values (#{name}, #{value})")
    void put(String name, String value);
}
