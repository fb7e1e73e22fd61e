package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Whether rings could be seen and heard. */
@Mapper
public interface SeenMapper {
    /** What was found for one ring. */
    record SeenRow(long ring, String json) {}

    /** Those of a span of rings, both ends included. */
    @Select("select ring, json from seen where ring between #{from} and #{to}")
    List<SeenRow> between(long from, long to);

    /** Keeps one. */
    @Insert("insert or replace into seen (ring, json) values (#{ring}, #{json})")
    void put(SeenRow row);
}
