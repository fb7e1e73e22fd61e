package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Clips that were made, and marks that were set. */
@Mapper
public interface ClipMapper {
    /** A clip. @param number counts from 1, 0 before it is kept @param secret by which viewers reach it @param hash of its file on the shelf @param ring that wanted it @param begins milliseconds since 1970 UTC, as {@code ends} @param poster the moment of the film that stands for it, in milliseconds */
    record ClipRow(
            long number,
            String secret,
            String hash,
            String title,
            String maker,
            long ring,
            long begins,
            long ends,
            long poster) {}

    /** A mark. @param at milliseconds since 1970 UTC */
    record MarkRow(long number, long at, String words, String maker) {}

    /** A stretch of time in which the mixer streamed or recorded. @param kind {@code stream} or {@code recording} @param begins milliseconds since 1970 UTC @param ends likewise, 0 while it runs */
    record FilmedRow(long number, String kind, long begins, long ends) {}

    /** The newest stretches, newest first. */
    @Select("select * from filmed order by number desc limit #{most}")
    List<FilmedRow> filmed(int most);

    @Insert("insert into filmed (kind, begins, ends) values (#{kind}, #{at}, 0)")
    void begins(String kind, long at);

    @Update("update filmed set ends = #{at} where kind = #{kind} and ends = 0")
    void ends(String kind, long at);

    @Insert("""
            insert into clip (secret, hash, title, maker, ring, begins, ends, poster)
            values (#{secret}, #{hash}, #{title}, #{maker}, #{ring}, #{begins}, #{ends}, #{poster})""")
    void add(ClipRow clip);

    /** All of them, newest first. */
    @Select("select * from clip order by number desc")
    List<ClipRow> all();

    @Select("select * from clip where secret = #{secret}")
    @Nullable
    ClipRow bySecret(String secret);

    @Select("select * from clip where number = #{number}")
    @Nullable
    ClipRow byNumber(long number);

    /** Another file is this clip from now on, such as a shorter one. */
    @Update(
            "update clip set hash = #{hash}, begins = #{begins}, ends = #{ends}, poster = #{poster} where number = #{number}")
    void become(ClipRow clip);

    @Insert("insert into mark (at, words, maker) values (#{at}, #{words}, #{maker})")
    void mark(MarkRow mark);

    /** The marks of a stretch of time, oldest first. */
    @Select("select * from mark where at >= #{from} and at < #{to} order by at, number")
    List<MarkRow> marks(long from, long to);

    /** The clips that begin in a stretch of time, oldest first. */
    @Select("select * from clip where begins >= #{from} and begins < #{to} order by begins, number")
    List<ClipRow> clips(long from, long to);
}
