package org.waxbell.app.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;
import org.waxbell.shelf.Media;

/** What lies on the shelf, and what was measured of its sounds. */
@Mapper
public interface MediaMapper {
    /** A file. @param tags with a comma between @param brought milliseconds since 1970 UTC, 0 where that was not noted @param loudness in hundredths of LUFS, null where it was not measured @param peak likewise in dB of full scale @param drawing two hex digits a step */
    record FileRow(
            String name,
            String folder,
            String hash,
            String type,
            long lengthMs,
            long bytes,
            String tags,
            int weight,
            long brought,
            @Nullable Integer loudness,
            @Nullable Integer peak,
            @Nullable Integer gain,
            @Nullable String drawing) {
        /** As the engine knows it. */
        public Media media() {
            return new Media(name, folder, hash, type, lengthMs, gain == null ? 0 : gain, weight);
        }
    }

    /** What was measured of a sound. */
    record SoundRow(String hash, int loudness, int peak, int gain, String drawing) {}

    /** Puts an item on the shelf, in place of one of the same name, whose tags and weight it keeps. */
    @Insert("""
            insert into media (folder, name, hash, type, length_ms, bytes, brought)
            values (#{media.folder}, #{media.name}, #{media.hash}, #{media.type}, #{media.lengthMs}, #{bytes}, #{brought})
            on conflict (folder, name) do update
            set hash = excluded.hash, type = excluded.type, length_ms = excluded.length_ms, bytes = excluded.bytes,
                brought = excluded.brought""")
    void put(Media media, long bytes, long brought);

    /** Puts an item back that was taken away. */
    @Insert("""
            insert or ignore into media (folder, name, hash, type, length_ms, bytes, tags, weight, brought)
            values (#{folder}, #{name}, #{hash}, #{type}, #{lengthMs}, #{bytes}, #{tags}, #{weight}, #{brought})""")
    void putBack(FileRow row);

    /** Takes an item away; its content stays until it is swept. */
    @Delete("delete from media where folder = #{folder} and name = #{name}")
    void remove(String folder, String name);

    /** Calls an item otherwise, or lays it elsewhere. */
    @Update("update media set folder = #{toFolder}, name = #{toName} where folder = #{folder} and name = #{name}")
    void move(String folder, String name, String toFolder, String toName);

    /** Sets the tags of an item. */
    @Update("update media set tags = #{tags} where folder = #{folder} and name = #{name}")
    void tag(String folder, String name, String tags);

    /** Sets how often an item is drawn. */
    @Update("update media set weight = #{weight} where folder = #{folder} and name = #{name}")
    void weigh(String folder, String name, int weight);

    /** Keeps what was measured of a sound. */
    @Insert("""
            insert or replace into sound (hash, loudness, peak, gain, drawing)
            values (#{hash}, #{loudness}, #{peak}, #{gain}, #{drawing})""")
    void measured(SoundRow row);

    /** What is told of a file. */
    String FILE = """
            select m.name, m.folder, m.hash, m.type, m.length_ms, m.bytes, m.tags, m.weight, m.brought,
                   s.loudness, s.peak, s.gain, s.drawing
            from media m left join sound s on s.hash = m.hash""";

    /** Everything on the shelf. */
    @Select(FILE + " order by m.folder, m.name")
    List<FileRow> all();

    /** What lies at a place, null for nothing. */
    @Select(FILE + " where m.folder = #{folder} and m.name = #{name}")
    @Nullable
    FileRow find(String folder, String name);
}
