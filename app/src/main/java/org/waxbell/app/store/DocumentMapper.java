package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Documents and the log of their edits. */
@Mapper
public interface DocumentMapper {
    /** All documents in the order of their list. */
    @Select("select kind, id, version, position, json from document order by kind, position, id")
    List<DocumentRow> all();

    /** Puts a document in place of what was there; its version is given. */
    @Insert("""
            insert into document (kind, id, version, position, json) values (#{kind}, #{id}, #{version}, #{position}, #{json})
            on conflict (kind, id) do update set version = excluded.version, position = excluded.position, json = excluded.json""")
    void put(DocumentRow row);

    /** Takes a document away. */
    @Delete("delete from document where kind = #{kind} and id = #{id}")
    void remove(String kind, String id);

    /** An edit as the log of changes lists it. @param documents how many it changed */
    record EditLine(long step, long at, String what, int documents, boolean undone, String origin, String actor) {}

    /** The step of the next edit. */
    @Select("select coalesce(max(step), 0) + 1 from edit")
    long nextStep();

    /** Adds what an edit did to a document. */
    @Insert("""
            insert into edit (at, kind, document_id, what, before_json, after_json, position, step, before_position, origin, actor)
            values (#{at}, #{kind}, #{documentId}, #{what}, #{beforeJson}, #{afterJson}, #{position}, #{step}, #{beforePosition}, #{origin}, #{actor})""")
    void log(EditRow row);

    /** What the newest edit that is not undone did, newest first; empty where there is none. */
    @Select(
            "select * from edit where undone = 0 and step = (select max(step) from edit where undone = 0) order by number desc")
    List<EditRow> newest();

    /** What the edit did that was undone last, oldest first; empty where there is none. */
    @Select(
            "select * from edit where undone = 1 and step = (select min(step) from edit where undone = 1) order by number")
    List<EditRow> newestUndone();

    /** What the newest edit that is not undone is called, null for none. */
    @Select("select what from edit where undone = 0 order by number desc limit 1")
    @Nullable
    String undoable();

    /** What the edit that was undone last is called, null for none. */
    @Select("select what from edit where undone = 1 order by number limit 1")
    @Nullable
    String redoable();

    /** What was done after a step and still holds, newest first. */
    @Select("select * from edit where undone = 0 and step > #{step} order by number desc")
    List<EditRow> after(long step);

    /** The newest edits before a step, newest first. */
    @Select("""
            select step, max(at) as at, max(what) as what, count(*) as documents, max(undone) as undone, max(origin) as origin, max(actor) as actor from edit
            where step < #{before} group by step order by step desc limit #{most}""")
    List<EditLine> edits(long before, int most);

    /** What one edit did. */
    @Select("select * from edit where step = #{step} order by number")
    List<EditRow> edit(long step);

    /** Marks an edit as undone or as done again. */
    @Update("update edit set undone = #{undone} where step = #{step}")
    void mark(long step, int undone);

    /** Forgets what was undone: after a new edit it cannot be done again. */
    @Delete("delete from edit where undone = 1")
    void forgetUndone();
}
