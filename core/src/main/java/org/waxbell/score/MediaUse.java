package org.waxbell.score;

import java.util.List;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * What a part uses of the shelf.
 *
 * @param field  the field of the part that names it
 * @param what   what it is, in one word
 * @param folder the folder in which it lies
 * @param file   its name; empty for any of the folder
 */
public record MediaUse(String field, String what, String folder, String file) {
    /** What may be shown or played; empty where nothing of that name is on the shelf. */
    public List<Media> on(Shelf shelf) {
        return file.isEmpty()
                ? shelf.folder(folder)
                : shelf.find(folder, file).stream().toList();
    }

    /** The one file that it names; {@link Media#NONE} where that is not on the shelf. */
    public Media one(Shelf shelf) {
        return on(shelf).stream().findFirst().orElse(Media.NONE);
    }
}
