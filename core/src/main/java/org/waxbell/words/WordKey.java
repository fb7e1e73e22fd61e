package org.waxbell.words;

import com.ibm.icu.text.Normalizer2;
import java.util.Locale;

/** The form in which chat words are compared: compatibility-composed and case-folded (Unicode NFKC_Casefold). */
public final class WordKey {
    private static final Normalizer2 FOLD = Normalizer2.getNFKCCasefoldInstance();

    private WordKey() {}

    /** The key of {@code word}; plain ASCII takes a short way to the same result. */
    public static String of(String word) {
        for (int i = 0; i < word.length(); i++) {
            if (word.charAt(i) > 127) {
                return FOLD.normalize(word);
            }
        }
        return word.toLowerCase(Locale.ROOT);
    }
}
