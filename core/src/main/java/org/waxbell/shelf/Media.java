package org.waxbell.shelf;

/**
 * A file on the shelf.
 *
 * @param name     file name, unique within its folder
 * @param folder   the folder it lies in
 * @param hash     SHA-256 of its content in hex, by which pages fetch it
 * @param type     its media type, such as {@code audio/wav}
 * @param lengthMs measured length in milliseconds, 0 for what has none
 * @param gain     by how much a sound is raised when it is played, in hundredths of a decibel, as {@link Levelling} says
 * @param weight   how often it is drawn beside the others where any of its folder is played, 0 for never
 */
public record Media(String name, String folder, String hash, String type, long lengthMs, int gain, int weight) {
    /** No item, where a part uses none. */
    public static final Media NONE = new Media("", "", "", "", 0);

    /** One that is played as it is, and drawn as often as any other. */
    public Media(String name, String folder, String hash, String type, long lengthMs) {
        this(name, folder, hash, type, lengthMs, 0, 1);
    }

    /** Whether it is heard and not seen. */
    public boolean audible() {
        return type.startsWith("audio/");
    }
}
