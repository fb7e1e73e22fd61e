package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What was published of prize draws that are over. */
@Mapper
public interface PrizeLogMapper {
    /** One of them. @param draw the id of the desk @param opened milliseconds since 1970 UTC @param winners by name, with a comma between */
    record DrawRow(String draw, long opened, String winners) {}

    /** Keeps one; what was published of it before is replaced. @param csv all that was published */
    @Insert("""
            insert or replace into prize_log (draw, opened, winners, csv)
            values (#{draw}, #{opened}, #{winners}, #{csv})""")
    void put(String draw, long opened, String winners, String csv);

    /** Those of a desk, the newest first. */
    @Select("select draw, opened, winners from prize_log where draw = #{draw} order by opened desc limit #{most}")
    List<DrawRow> of(String draw, int most);

    /** What was published of one, null where it is not there. */
    @Select("select csv from prize_log where draw = #{draw} and opened = #{opened}")
    @Nullable
    String csv(String draw, long opened);
}
