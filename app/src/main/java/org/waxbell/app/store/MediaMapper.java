package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.waxbell.shelf.Media;

/** What lies on the shelf. */
@Mapper
public interface MediaMapper {
    /** Puts an item on the shelf, in place of one of the same name. */
    @Insert("""
            insert or replace into media (folder, name, hash, type, length_ms, bytes)
            values (#{media.folder}, #{media.name}, #{media.hash}, #{media.type}, #{media.lengthMs}, #{bytes})""")
    void put(Media media, long bytes);

    /** Everything on the shelf. */
    @Select("select name, folder, hash, type, length_ms from media order by folder, name")
    List<Media> all();
}
