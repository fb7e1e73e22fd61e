package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Lines of chat as viewers see them. */
@Mapper
public interface ChatMapper {
    /** A line. @param standing nearest standing of the writer @param helper whether it is an answer of ours */
    record ChatRow(String link, long at, String name, String standing, String text, boolean helper) {}

    /** Adds a line. */
    @Insert(
            "insert into chat_line (link, at, name, standing, text, helper) values (#{link}, #{at}, #{name}, #{standing}, #{text}, #{helper})")
    void add(ChatRow row);

    /** The lines of a link between two moments, oldest first, a few hundred at most. */
    @Select("""
            select link, at, name, standing, text, helper from chat_line
            where link = #{link} and at between #{from} and #{to} order by number limit 400""")
    List<ChatRow> between(String link, long from, long to);

    /** The newest lines of a link, newest first. */
    @Select(
            "select link, at, name, standing, text, helper from chat_line where link = #{link} order by number desc limit #{most}")
    List<ChatRow> newest(String link, int most);
}
