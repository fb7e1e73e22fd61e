package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Packs that were brought in. */
@Mapper
public interface PackMapper {
    /** One of them. @param at when, milliseconds since 1970 UTC @param brought what it brought, as JSON */
    record PackRow(String id, String name, String version, String says, long at, String brought) {}

    /** Keeps one; another of that id is replaced. */
    @Insert("""
            insert or replace into pack (id, name, version, says, at, brought)
            values (#{id}, #{name}, #{version}, #{says}, #{at}, #{brought})""")
    void put(PackRow row);

    /** All of them, the newest first. */
    @Select("select * from pack order by at desc, id")
    List<PackRow> all();

    /** One of them, null where it is not there. */
    @Select("select * from pack where id = #{id}")
    @Nullable
    PackRow find(String id);

    /** Forgets one. */
    @Delete("delete from pack where id = #{id}")
    void remove(String id);
}
