package org.waxbell.catalogue;

/**
 * A piece of music.
 *
 * @param id       within all sources, such as {@code practice/the-brine-lantern}
 * @param title    what it is called
 * @param maker    who made it, empty text where that is not known
 * @param lengthMs in milliseconds
 * @param licence  under which it may be used, as an SPDX identifier where it has one; empty text where that is not known
 * @param link     its address, by which viewers may ask for it; empty text for none
 * @param gain     by how much it is raised when it is played, in hundredths of a decibel
 * @param pictured whether there is a picture of it
 */
public record Tune(
        String id, String title, String maker, long lengthMs, String licence, String link, int gain, boolean pictured) {
    /** Whether it has a video, of which it is the sound. */
    public boolean filmed() {
        return id.startsWith(ShelfTunes.FILM + "/");
    }

    /** Whether its file lies on the shelf. */
    public boolean ofShelf() {
        return filmed() || id.startsWith("shelf/");
    }

    /** The title and the maker, as people name it. */
    public String named() {
        return maker.isEmpty() ? title : title + " by " + maker;
    }
}
