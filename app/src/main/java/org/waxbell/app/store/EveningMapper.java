package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.ResultType;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.session.ResultHandler;
import org.jspecify.annotations.Nullable;
import org.waxbell.evening.Spent;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;

/** What the engine remembers beside rings: small documents, points, first lines. */
@Mapper
public interface EveningMapper {
    /** The sum of a person's entries. */
    record SumRow(String person, long points) {}

    /** Puts a fact in place of what was there. */
    @Insert("insert or replace into fact (kind, id, json) values (#{kind}, #{id}, #{json})")
    void putFact(String kind, String id, String json);

    /** Forgets facts of a kind whose id begins so. */
    @Delete(
            "delete from fact where kind = #{kind} and (id = #{start} or substr(id, 1, length(#{start}) + 1) = #{start} || '/')")
    void removeFacts(String kind, String start);

    /** Forgets one fact. */
    @Delete("delete from fact where kind = #{kind} and id = #{id}")
    void removeFact(String kind, String id);

    /** Forgets all facts of a kind. */
    @Delete("delete from fact where kind = #{kind}")
    void removeBook(String kind);

    /** A fact by its id. */
    record FactRow(String id, String json) {}

    /** The facts of a kind, by their ids. */
    @Select("select id, json from fact where kind = #{kind} order by id")
    List<FactRow> facts(String kind);

    /** One fact, null where there is none. */
    @Select("select json from fact where kind = #{kind} and id = #{id}")
    @Nullable
    String fact(String kind, String id);

    /** Adds an entry of the ledger. */
    @Insert(
            "insert into ledger (number, at, person, amount, why) values (#{number}, #{at}, #{person}, #{amount}, #{why})")
    void addEntry(LedgerEntry entry);

    /** The number of the newest entry, 0 where there is none. */
    @Select("select coalesce(max(number), 0) from ledger")
    long newestEntry();

    /** Tells the sum of everyone who has any, one by one. */
    @Select("select person, points from balance where points <> 0")
    @ResultType(SumRow.class)
    void sums(ResultHandler<SumRow> each);

    /** Keeps a promise. */
    @Insert("insert or replace into pending (ring, person, price, why) values (#{ring}, #{person}, #{price}, #{why})")
    void putPending(Pending pending);

    /** Forgets a promise. */
    @Delete("delete from pending where ring = #{ring}")
    void removePending(long ring);

    /** All promises. */
    @Select("select ring, person, price, why from pending order by ring")
    List<Pending> pending();

    /** Keeps that a first line is spent. */
    @Insert("insert or ignore into first_line (cue_id, who) values (#{cueId}, #{who})")
    void spend(Spent spent);

    /** All first lines that are spent. */
    @Select("select cue_id, who from first_line")
    List<Spent> spent();

    /** A new show: nobody has written yet. */
    @Delete("delete from first_line")
    void forgetSpent();
}
