package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.SelectProvider;
import org.jspecify.annotations.Nullable;
import org.waxbell.wiring.Circle.By;

/** Everyone with what is kept of them, as People lists them, and the ledger of points. */
@Mapper
public interface PeopleMapper {
    /** Somebody in the list. @param firstSeen milliseconds since 1970 UTC, null for who was never seen @param standings comma-separated */
    record Listed(
            String id,
            String name,
            String standings,
            int months,
            @Nullable Long firstSeen,
            @Nullable Long lastSeen,
            long lines,
            long evenings,
            long minutes,
            long gave,
            long points,
            String note) {}

    /** Those whom a filter lets through. */
    @SelectProvider(type = PeopleSql.class, method = "list")
    List<Listed> list(PeopleFilter filter);

    /** How many those are. */
    @SelectProvider(type = PeopleSql.class, method = "count")
    long count(PeopleFilter filter);

    /** One of them, null for nobody. */
    @Select(PeopleSql.EVERYONE + " where p.id = #{id}")
    @Nullable
    Listed find(String id);

    /** Others of that name, however its capitals are. */
    @Select(PeopleSql.EVERYONE + """
             where p.name = #{name} collate nocase and p.id <> #{id}
            and p.id not in (select id from fact where kind = 'joined') limit 5""")
    List<Listed> alike(String id, String name);

    /** The accounts that belong to somebody beside the one by which they are known. */
    @Select(PeopleSql.EVERYONE + """
             join fact j on j.kind = 'joined' and j.id = p.id
            where json_extract(j.json, '$.person.id') = #{id} order by p.id""")
    List<Listed> accounts(String id);

    /** Somebody who is first by something. @param sum of what; milliseconds since 1970 UTC where it is since when they are known */
    record First(String id, String name, long sum) {}

    /** The first of all by something; no more than so many. @param month the running one, such as 202611 */
    @SelectProvider(type = PeopleFirst.class, method = "first")
    List<First> first(By by, int month, int most);

    /** Writes down what the host notes of somebody. */
    @Insert("insert or replace into profile (person, note) values (#{person}, #{note})")
    void note(String person, String note);

    /** Forgets it. */
    @Delete("delete from profile where person = #{person}")
    void forgetNote(String person);

    /** A change of what is kept of somebody. @param at milliseconds since 1970 UTC */
    record ChangeRow(long number, long at, String person, String who, String what) {}

    /** Notes a change. */
    @Insert("insert into person_change (at, person, who, what) values (#{at}, #{person}, #{who}, #{what})")
    void changed(long at, String person, String who, String what);

    /** The changes of somebody, the newest first. */
    @Select("select * from person_change where person = #{person} order by number desc limit #{most}")
    List<ChangeRow> changes(String person, int most);

    /** An entry of the ledger. @param name of whose points they are, empty text for who is not known any more */
    record EntryRow(long number, long at, String person, String name, long amount, String why) {}

    /** Entries before a number, the newest first. @param person whose, empty text for everybody's */
    @Select("""
            select l.number, l.at, l.person, coalesce(p.name, '') as name, l.amount, l.why from ledger l
            left join person p on p.id = l.person
            where l.number < #{before} and (#{person} = '' or l.person = #{person})
            order by l.number desc limit #{most}""")
    List<EntryRow> entries(String person, long before, int most);

    /** What all entries add up to, and how many there are and of how many people. */
    record Sums(long entries, long people, long points, long balances) {}

    /** That of the whole ledger. */
    @Select("""
            select count(*) as entries, count(distinct person) as people, coalesce(sum(amount), 0) as points,
            (select coalesce(sum(points), 0) from balance) as balances from ledger""")
    Sums sums();
}
