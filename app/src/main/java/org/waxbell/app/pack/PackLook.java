package org.waxbell.app.pack;

import java.util.List;
import org.waxbell.check.Problem;
import org.waxbell.pack.Clash;
import org.waxbell.pack.PackItem;
import org.waxbell.pack.WordClash;

/**
 * What bringing a pack would do, before anything is done.
 *
 * @param coming   by what it is asked for again
 * @param before   the version of it that is here, empty text for none
 * @param brings   what is new or takes the place of another
 * @param same     what is here already, and just so
 * @param clashes  what is here under the same id and is another
 * @param words    chat words that belong to others
 * @param files    what it brings for the shelf
 * @param does     what its cues do, each once, in the words of the program
 * @param remarks  what the check-up says of its cues as they would stand here
 * @param problems why it cannot come as it is
 * @param revision of the wiring that this was worked out on
 */
public record PackLook(
        String coming,
        String name,
        String version,
        String says,
        String before,
        List<NamedItem> brings,
        List<NamedItem> same,
        List<Clash> clashes,
        List<WordClash> words,
        List<ComingFile> files,
        List<String> does,
        List<String> remarks,
        List<Problem> problems,
        long revision) {
    /** Something by its name. */
    public record NamedItem(PackItem item, String name) {}

    /** A file for the shelf. @param name under which it will lie @param here whether it lies there already */
    public record ComingFile(String folder, String name, boolean here) {}
}
