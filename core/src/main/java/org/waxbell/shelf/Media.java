package org.waxbell.shelf;

/**
 * A sound or picture on the shelf.
 *
 * @param name     file name, unique within its folder
 * @param folder   the folder it lies in
 * @param hash     SHA-256 of its content in hex, by which pages fetch it
 * @param type     its media type, such as {@code audio/wav}
 * @param lengthMs measured length in milliseconds, 0 for what has none
 */
public record Media(String name, String folder, String hash, String type, long lengthMs) {
    /** No item, where a part uses none. */
    public static final Media NONE = new Media("", "", "", "", 0);
}
