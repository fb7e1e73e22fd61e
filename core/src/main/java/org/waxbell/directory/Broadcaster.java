package org.waxbell.directory;

import java.util.List;

/**
 * What a directory tells of a broadcaster.
 *
 * @param name     as they write it
 * @param link     where they are found, empty text where that is not told
 * @param words    about them, plain text, maybe empty
 * @param last     what they last streamed, likewise
 * @param portrait hash of their portrait, empty text for none
 * @param art      hash of the art of what they last streamed, likewise
 * @param clips    theirs, in no order
 */
public record Broadcaster(
        String name, String link, String words, String last, String portrait, String art, List<TheirClip> clips) {
    public Broadcaster {
        clips = List.copyOf(clips);
    }
}
