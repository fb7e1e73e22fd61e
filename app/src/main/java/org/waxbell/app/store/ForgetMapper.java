package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Everywhere where somebody stands who wishes to be forgotten. */
@Mapper
public interface ForgetMapper {
    /** Somebody who is being forgotten. */
    record ForgottenRow(long number, String person, String name) {}

    /** A text that names them. @param id its key, by which it is written again */
    record TextRow(String kind, String id, String json) {}

    /** A decision that names them. @param theirs whether they caused it */
    record DecidedRow(long number, boolean theirs, String event, String sentence, String json) {}

    /** A step of a recording. */
    record StepRow(long number, String json) {}

    /** An entry of the ledger whose reason names somebody. */
    record WhyRow(long number, String why) {}

    /** Begins; the number is that by which nobody stands in their place. */
    @Insert("insert into forgotten (person, name, open) values (#{person}, #{name}, 1)")
    void begin(String person, String name);

    /** The newest number. */
    @Select("select coalesce(max(number), 0) from forgotten")
    long newest();

    /** Who is not out of everything yet. */
    @Select("select number, person, name from forgotten where open = 1 order by number")
    List<ForgottenRow> open();

    /** They are out of everything; nothing of them stays here either. */
    @Update("update forgotten set open = 0, person = '', name = '' where number = #{number}")
    void done(long number);

    /** What is kept in books and names them. */
    @Select("""
            select kind, id, json from fact where instr(id, #{person}) > 0 or instr(json, #{person}) > 0
            or kind = 'voice' and instr(lower(json), lower(#{name})) > 0""")
    List<TextRow> facts(String person, String name);

    /** Takes one of them away. */
    @Delete("delete from fact where kind = #{kind} and id = #{id}")
    void removeFact(String kind, String id);

    /** Writes one of them. */
    @Insert("insert or replace into fact (kind, id, json) values (#{kind}, #{id}, #{json})")
    void putFact(String kind, String id, String json);

    /** Their entries, balances and promises are nobody's. */
    @Update("update ledger set person = #{as} where person = #{person}")
    void ledger(String person, String as);

    /** Likewise. */
    @Update("update balance set person = #{as} where person = #{person}")
    void balance(String person, String as);

    /** Likewise. */
    @Update("update pending set person = #{as} where person = #{person}")
    void pending(String person, String as);

    /** In what was published of prize draws nobody of that name stands. */
    @Update("""
            update prize_log set csv = replace(csv, '"' || #{name} || '"', '"' || #{as} || '"'),
            winners = replace(winners, #{name}, #{as}) where instr(csv, #{name}) > 0""")
    void draws(String name, String as);

    /** They are no person, have no note, and nothing was ever changed of them. */
    @Delete("delete from person where id = #{person}")
    void person(String person);

    /** Likewise. */
    @Delete("delete from profile where person = #{person}")
    void profile(String person);

    /** Likewise. */
    @Delete("delete from person_change where person = #{person}")
    void changes(String person);

    /** Their name is not known. @param key of the name */
    @Delete("delete from known where name = #{key}")
    void known(long key);

    /** A ring that names them. */
    record RingRow(long number, String json) {}

    /** Rings that are not over and name them. */
    @Select("select number, json from ring where active = 1 and instr(json, #{person}) > 0")
    List<RingRow> activeRings(String person);

    /** Rings that name them, behind a number. */
    @Select("""
            select number, json from ring where number > #{after} and instr(json, #{person}) > 0
            order by number limit #{most}""")
    List<RingRow> rings(String person, long after, int most);

    /** Writes one of them. */
    @Update("update ring set json = #{json} where number = #{number}")
    void ring(long number, String json);

    /** Decisions that name them, behind a number. */
    @Select("""
            select number, viewer is #{person} as theirs, event, sentence, json from decision
            where number > #{after} and (viewer = #{person} or instr(json, #{person}) > 0) order by number limit #{most}""")
    List<DecidedRow> decided(String person, long after, int most);

    /** Writes one of them. @param viewer who caused it, null for nobody */
    @Update("""
            update decision set viewer = iif(viewer is #{person}, #{as}, viewer), event = #{event}, sentence = #{sentence}, json = #{json}
            where number = #{number}""")
    void decision(long number, String person, String as, String event, String sentence, String json);

    /** Which recordings there are. */
    @Select("select number from recording order by number")
    List<Long> recordings();

    /** Steps of a recording that name them, behind a number. */
    @Select("""
            select number, json from recorded where recording = #{recording} and number > #{after}
            and instr(json, #{person}) > 0 order by number limit #{most}""")
    List<StepRow> steps(long recording, String person, long after, int most);

    /** Writes one of them. */
    @Update("update recorded set json = #{json} where recording = #{recording} and number = #{number}")
    void step(long recording, long number, String json);

    /** Puts what was kept of everyone when a recording began in place of what it was, see {@link PackedBooks}. */
    @Update("update recording set people = #{people} where number = #{number}")
    void putPeople(long number, byte[] people);

    /** The recordings whose beginning names them. */
    @Select("select number from recording where instr(opening, #{person}) > 0")
    List<Long> openings(String person);

    /** How one began. */
    @Select("select opening from recording where number = #{number}")
    @Nullable
    String opening(long number);

    /** Writes it. */
    @Update("update recording set opening = #{opening} where number = #{number}")
    void putOpening(long number, String opening);

    /** Their lines on a link. */
    @Delete("delete from chat_line where link = #{link} and name = #{name} collate nocase")
    void chat(String link, String name);

    /** What they made is nobody's. */
    @Update("update clip set maker = 'someone' where maker = #{name} collate nocase")
    void clips(String name);

    /** Likewise. */
    @Update("update mark set maker = 'someone' where maker = #{name} collate nocase")
    void marks(String name);

    /** Reasons in the ledger that name them. */
    @Select("select number, why from ledger where instr(lower(why), lower(#{name})) > 0")
    List<WhyRow> whys(String name);

    /** Writes one of them. */
    @Update("update ledger set why = #{why} where number = #{number}")
    void why(long number, String why);
}
