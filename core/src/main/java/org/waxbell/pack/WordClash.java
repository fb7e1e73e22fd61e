package org.waxbell.pack;

/**
 * A chat word that comes belongs to another cue already.
 *
 * @param cue  the id of the cue that comes
 * @param name how that is called
 * @param word as it stands there
 * @param says why it cannot be had
 */
public record WordClash(String cue, String name, String word, String says) {
    /** By what choices name it. */
    public String key() {
        return key(cue, word);
    }

    static String key(String cue, String word) {
        return cue + " " + word;
    }
}
