package org.waxbell.app.store;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;

/** Takes away what is not to be kept any longer; each tells how many rows went. */
@Mapper
public interface KeepingMapper {
    /** Decisions before a number, but for those by which shows are told apart. */
    @Delete("""
            delete from decision where number in (
                select number from decision where number < #{before} and kind not in ('showOpened', 'showClosed')
                order by number limit #{most})""")
    int decisions(long before, int most);

    /** Lines before a moment. */
    @Delete("""
            delete from chat_line where number in (
                select number from chat_line where at < #{before} order by number limit #{most})""")
    int chat(long before, int most);

    /** Steps of recordings that began before a moment. */
    @Delete("""
            delete from recorded where (recording, number) in (
                select recording, number from recorded
                where recording in (select number from recording where closed_at < #{before}) limit #{most})""")
    int steps(long before, int most);

    /** Recordings that were over before a moment. */
    @Delete("delete from recording where closed_at < #{before}")
    int recordings(long before);
}
