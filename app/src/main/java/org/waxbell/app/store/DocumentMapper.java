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

    /** Adds an edit to the log. */
    @Insert("""
            insert into edit (at, kind, document_id, what, before_json, after_json, position)
            values (#{at}, #{kind}, #{documentId}, #{what}, #{beforeJson}, #{afterJson}, #{position})""")
    void log(EditRow row);

    /** The newest edit that is not undone. */
    @Select("select * from edit where undone = 0 order by number desc limit 1")
    @Nullable EditRow newest();

    /** The edit that was undone last. */
    @Select("select * from edit where undone = 1 order by number limit 1")
    @Nullable EditRow newestUndone();

    /** Marks an edit as undone or as done again. */
    @Update("update edit set undone = #{undone} where number = #{number}")
    void mark(long number, int undone);

    /** Forgets what was undone: after a new edit it cannot be done again. */
    @Delete("delete from edit where undone = 1")
    void forgetUndone();
}
