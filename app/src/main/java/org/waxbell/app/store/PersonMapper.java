package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.ResultType;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.session.ResultHandler;
import org.jspecify.annotations.Nullable;

/** Everyone who is known. */
@Mapper
public interface PersonMapper {
    /** A person. @param standings comma-separated @param firstSeen null for who was never seen */
    record PersonRow(
            String id,
            String name,
            String standings,
            int months,
            @Nullable Long firstSeen,
            @Nullable Long lastSeen,
            long lines,
            long evenings,
            long show) {}

    /** Everyone of a link, in the order in which they became known. */
    @Select("select * from person where id like #{link} || ':%' order by rowid")
    List<PersonRow> ofLink(String link);

    /** When anybody was seen last, milliseconds since 1970 UTC; 0 for never. */
    @Select("select coalesce(max(last_seen), 0) from person")
    long lastSeen();

    /** The names of everyone who is known, whether they were seen or not; those last seen come first. @param most how many at most */
    @Select("select name from person order by last_seen desc nulls last, rowid limit #{most}")
    List<String> lately(int most);

    /** Tells the names of everyone who was seen one by one, for they may be a million. */
    @Select("select name from person where first_seen is not null")
    @ResultType(String.class)
    void names(ResultHandler<String> each);

    /** Keeps that someone of that name was seen. @param name key of the name */
    @Insert("insert or ignore into known (name) values (#{name})")
    void putKnown(long name);

    /** Tells the keys of the names of all who were seen, one by one. */
    @Select("select name from known")
    @ResultType(Long.class)
    void known(ResultHandler<Long> each);

    /** The person of that identity, null for nobody. */
    @Select("select * from person where id = #{id}")
    @Nullable
    PersonRow find(String id);

    /** Adds someone who was not seen yet; who is known already stays as they are. */
    @Insert(
            "insert or ignore into person (id, name, standings, months, lines) values (#{id}, #{name}, #{standings}, #{months}, 0)")
    void know(String id, String name, String standings, int months);

    /** Gives somebody who is known other standings. */
    @Update("update person set standings = #{standings}, months = #{months} where id = #{id}")
    void become(String id, String standings, int months);

    /**
     * Somebody who was seen.
     *
     * @param standings comma-separated
     * @param at        when, milliseconds since 1970 UTC
     * @param lines     how many lines they wrote just now
     * @param show      the number of the show that is open, 0 for none
     * @param gave      what they gave just now
     * @param month     the running one, such as 202611
     * @param privately whether their name is that of one account only
     */
    record SeenNow(
            String id,
            String name,
            String standings,
            int months,
            long at,
            int lines,
            long show,
            long gave,
            int month,
            boolean privately) {}

    /** Notes that someone was seen; whoever was seen ten minutes ago or less was here meanwhile. */
    @Insert("""
            insert into person (id, name, standings, months, first_seen, last_seen, lines, evenings, show, gave, gave_month, month)
            values (#{id}, #{name}, #{standings}, #{months}, #{at}, #{at}, #{lines}, #{show} > 0, #{show}, #{gave}, #{gave}, #{month})
            on conflict (id) do update set name = iif(#{privately}, name, excluded.name), standings = excluded.standings,
            months = excluded.months, gave = gave + excluded.gave,
            gave_month = iif(excluded.gave = 0, gave_month, iif(month = excluded.month, gave_month, 0) + excluded.gave),
            month = iif(excluded.gave = 0, month, excluded.month),
            here_ms = here_ms + iif(excluded.last_seen - last_seen between 0 and 600000, excluded.last_seen - last_seen, 0),
            first_seen = coalesce(first_seen, excluded.first_seen), last_seen = excluded.last_seen, lines = lines + excluded.lines,
            evenings = evenings + (excluded.show > 0 and excluded.show <> show), show = max(show, excluded.show)""")
    void seen(SeenNow seen);
}
