package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.type.ByteArrayTypeHandler;
import org.jspecify.annotations.Nullable;

/** Recorded evenings: the state with which each began, and what went into the engine since. */
@Mapper
public interface RecordingMapper {
    /** A recording as a list shows it. @param closedAt null while it goes on */
    record RecordingRow(
            long number, long show, long openedAt, @Nullable Long closedAt, int steps) {}

    /** The number of the newest recording, 0 where there is none. */
    @Select("select coalesce(max(number), 0) from recording")
    long newest();

    /** Begins a recording. @param people what is kept of everyone, see {@link PackedBooks} */
    @Insert("""
            insert or replace into recording (number, show, opened_at, opening, people)
            values (#{number}, #{show}, #{openedAt}, #{opening}, #{people})""")
    void begin(long number, long show, long openedAt, String opening, byte[] people);

    /** Ends what is still open. */
    @Update("update recording set closed_at = #{at} where closed_at is null")
    void close(long at);

    /** A step. @param json empty where it is an event that stands in the journal @param number by which it stands there, 0 where it does not */
    record StepRow(
            String json,
            long number,
            long at,
            String kind,
            @Nullable String viewer,
            String event,
            String decided) {}

    /** Adds a step. @param decision the number by which it stands in the journal, null where it does not */
    @Insert("""
            insert or replace into recorded (recording, number, json, decision)
            values (#{recording}, #{number}, #{json}, #{decision})""")
    void add(long recording, long number, String json, @Nullable Long decision);

    /** Forgets recordings up to a number. */
    @Delete("delete from recording where number <= #{number}")
    void forget(long number);

    /** Forgets the steps of recordings up to a number. */
    @Delete("delete from recorded where recording <= #{number}")
    void forgetSteps(long number);

    /** All recordings, newest first. */
    @Select("""
            select number, show, opened_at, closed_at, (select count(*) from recorded where recording = recording.number) as steps
            from recording order by number desc""")
    List<RecordingRow> all();

    /** The state with which a recording began, null where there is no such recording. */
    @Select("select opening from recording where number = #{number}")
    @Nullable
    String opening(long number);

    /** What was kept of everyone, see {@link PackedBooks}. */
    record PeopleRow(byte[] packed) {}

    /** What was kept of everyone when a recording began; null where it stands in its opening, as programs before wrote it. */
    @Select("select people as packed from recording where number = #{number} and people is not null")
    @ConstructorArgs(
            @Arg(name = "packed", column = "packed", javaType = byte[].class, typeHandler = ByteArrayTypeHandler.class))
    @Nullable
    PeopleRow people(long number);

    /** The steps of a recording. */
    @Select("""
            select recorded.json, coalesce(decision.number, 0) as number, coalesce(at, 0) as at, coalesce(kind, '') as kind,
            viewer, coalesce(event, '') as event, coalesce(decision.json, '') as decided
            from recorded left join decision on decision.number = recorded.decision
            where recording = #{number} order by recorded.number""")
    List<StepRow> steps(long number);
}
