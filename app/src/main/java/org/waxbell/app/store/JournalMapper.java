package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What was decided and what became of it. */
@Mapper
public interface JournalMapper {
    /** A row of the journal. */
    record DecisionRow(
            long number, long at, String kind, @Nullable String viewer, String event, String sentence, String json) {}

    /** How often a cue rang and was held on a day. */
    record CountRow(String cueId, long rang, long held) {}

    /** Adds a decision. */
    @Insert("""
            insert into decision (number, at, kind, viewer, event, sentence, json)
            values (#{number}, #{at}, #{kind}, #{viewer}, #{event}, #{sentence}, #{json})""")
    void add(DecisionRow row);

    /** The newest decisions before a number, newest first. */
    @Select("select * from decision where number < #{before} order by number desc limit #{most}")
    List<DecisionRow> before(long before, int most);

    /** Decisions from one number on, up to another. */
    @Select("select * from decision where number >= #{from} and number <= #{to} order by number limit #{most}")
    List<DecisionRow> between(long from, long to, int most);

    /** The same in which words stand, the newest first. */
    @Select("""
            select * from decision where number >= #{from} and number < #{before}
            and (instr(lower(event), lower(#{words})) > 0 or instr(lower(sentence), lower(#{words})) > 0)
            order by number desc limit #{most}""")
    List<DecisionRow> having(long from, long before, String words, int most);

    /** The newest decisions whose JSON holds a text, newest first. */
    @Select("select * from decision where instr(json, #{text}) > 0 order by number desc limit #{most}")
    List<DecisionRow> holding(String text, int most);

    /** The same among so many of the newest alone, for whoever asks often. */
    @Select("select * from decision where number > (select coalesce(max(number), 0) from decision) - #{among}"
            + " and instr(json, #{text}) > 0 order by number desc limit #{most}")
    List<DecisionRow> holdingLately(String text, int among, int most);

    /** The newest decisions of events of a kind, newest first. */
    @Select("select * from decision where kind = #{kind} order by number desc limit #{most}")
    List<DecisionRow> ofKind(String kind, int most);

    /** The number of the newest decision, 0 where there is none. */
    @Select("select coalesce(max(number), 0) from decision")
    long newest();

    /** Counts that a cue rang or was held. */
    @Insert("""
            insert into cue_count (day, cue_id, rang, held) values (#{day}, #{cueId}, #{rang}, #{held})
            on conflict (day, cue_id) do update set rang = rang + excluded.rang, held = held + excluded.held""")
    void count(String day, String cueId, int rang, int held);

    /** The counts of a day. */
    @Select("select cue_id, rang, held from cue_count where day = #{day}")
    List<CountRow> counts(String day);
}
