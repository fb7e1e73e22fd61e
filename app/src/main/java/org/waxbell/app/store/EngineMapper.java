package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.waxbell.gate.Let;

/** The engine's state, kept step by step. */
@Mapper
public interface EngineMapper {
    /** What chance fell on last. */
    record DrawnRow(String purpose, String name) {}

    /** Keeps a ring as it stands. */
    @Insert("""
            insert into ring (number, cue_id, at, over, active, json) values (#{number}, #{cueId}, #{at}, #{over}, #{active}, #{json})
            on conflict (number) do update set over = excluded.over, active = excluded.active, json = excluded.json""")
    void putRing(long number, String cueId, long at, long over, boolean active, String json);

    /** Rings that wait or play. */
    @Select("select json from ring where active = 1 order by number")
    List<String> activeRings();

    /** Rings that wait, play, or were over after a moment, oldest first. */
    @Select("select json from ring where over >= #{moment} or active = 1 order by number desc limit 200")
    List<String> ringsSince(long moment);

    /** A ring as it stands or stood last, null where it is not kept. */
    @Select("select json from ring where number = #{number}")
    @Nullable
    String ring(long number);

    /** The number of the newest ring, 0 where there is none. */
    @Select("select coalesce(max(number), 0) from ring")
    long newestRing();

    /** Keeps that a ring was let through. */
    @Insert(
            "insert or replace into let_through (ring, cue_id, who, at, times) values (#{ring}, #{cueId}, #{who}, #{at}, #{times})")
    void putLet(Let let);

    /** Forgets that a ring was let through. */
    @Delete("delete from let_through where ring = #{ring}")
    void removeLet(long ring);

    /** Forgets what is older than any cooldown. */
    @Delete("delete from let_through where at < #{moment}")
    void forgetLets(long moment);

    /**
     * All that was let through: rings that still wait one by one, of the others the last moment of each cue and viewer and how
     * often they were since {@code counted}.
     */
    @Select("""
            select ring, cue_id, who, at, 1 as times from let_through where ring in (select number from ring where active = 1)
            union all
            select 0 as ring, cue_id, who, max(at) as at, sum(at >= #{counted}) as times from let_through
            where ring not in (select number from ring where active = 1) group by cue_id, who order by 4, 2, 3""")
    List<Let> lets(long counted);

    /** Keeps what was drawn last. */
    @Insert("insert or replace into drawn (purpose, name) values (#{purpose}, #{name})")
    void putDrawn(String purpose, String name);

    /** What was drawn last for each purpose. */
    @Select("select purpose, name from drawn")
    List<DrawnRow> drawn();
}
