package org.waxbell.draft;

import com.ibm.icu.text.Normalizer2;
import java.util.Locale;
import java.util.Set;

/** Ids made of what people call things. */
public final class Ids {
    private Ids() {}

    /** An id of at most {@code longest} characters for {@code name}, free among {@code taken}. @param otherwise where the name has no letter that an id may have */
    public static String of(String name, String otherwise, int longest, Set<String> taken) {
        String id = Normalizer2.getNFKDInstance()
                .normalize(name.toLowerCase(Locale.ROOT))
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String cut = id.length() > longest ? id.substring(0, longest).replaceAll("-+$", "") : id;
        return free(cut.isEmpty() ? otherwise : cut, taken);
    }

    /** A wish that is not taken: itself, or with a number behind it. */
    public static String free(String wish, Set<String> taken) {
        String name = wish;
        for (int count = 2; taken.contains(name); count++) {
            name = wish + "-" + count;
        }
        return name;
    }
}
