package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Connections to the outside. */
@Mapper
public interface LinkMapper {
    /** A link. @param settings JSON without secrets @param secrets JSON of locked secrets by name */
    record LinkRow(
            String id, String kind, int position, String name, String settings, String secrets, boolean paused) {}

    /** All of them, in their order. */
    @Select("select id, kind, position, name, settings, secrets, paused from link order by position, id")
    List<LinkRow> all();

    /** Keeps one in place of the one of that id. */
    @Insert("insert or replace into link (id, kind, position, name, settings, secrets, paused) "
            + "values (#{id}, #{kind}, #{position}, #{name}, #{settings}, #{secrets}, #{paused})")
    void put(LinkRow row);

    /** Forgets one. */
    @Delete("delete from link where id = #{id}")
    void remove(String id);
}
