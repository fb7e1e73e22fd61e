package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Shows that were, and what they came to. */
@Mapper
public interface LookBackMapper {
    /** A show opened or closed. @param number of the decision @param at milliseconds since 1970 UTC */
    record Moved(long number, long at, String kind) {}

    /** All of them, in order. */
    @Select("""
            select number, at, kind from decision where kind in ('showOpened', 'showClosed') order by number""")
    List<Moved> moved();

    /** What a show came to, null where it was not summed up yet. @param opened the number of the decision by which it opened */
    @Select("select json from show_summary where opened = #{opened}")
    @Nullable
    String summary(long opened);

    /** Which were summed up. */
    @Select("select opened from show_summary")
    List<Long> summed();

    /** Keeps what one came to. */
    @Insert("insert or replace into show_summary (opened, closed, json) values (#{opened}, #{closed}, #{json})")
    void keep(long opened, long closed, String json);

    /** Who was seen first between two moments, at most so many. */
    @Select("""
            select name from person where first_seen >= #{from} and first_seen <= #{to} order by first_seen limit #{most}""")
    List<String> fresh(long from, long to, int most);

    /** How many were seen first between two moments. */
    @Select("select count(*) from person where first_seen >= #{from} and first_seen <= #{to}")
    int freshCount(long from, long to);
}
