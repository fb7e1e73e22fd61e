package org.waxbell.score;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.kind.Field;

/** What is read of JSON that comes from outside: each is a name by which words use it, and where it stands as a JSON Pointer, such as {@code heat /data/heat}. */
public final class Reads {
    private static final String READ = "[a-z][a-zA-Z0-9]{0,29} (/[^/\\s]*)+";
    private static final int MOST = 20;

    private Reads() {}

    /** The field in which they are written. @param says how words use the one of the sample */
    public static Field field(String label, String says) {
        return Field.many("reads", label)
                .matching(
                        READ,
                        "This is no name with a JSON Pointer.",
                        "Write one such as heat /data/heat; words use it as " + says + ".")
                .most(MOST)
                .hint("A name and a JSON Pointer, such as heat /data/heat for " + says + ", with a comma between.");
    }

    /** Where each stands, by its name; what is not written so is passed over. */
    public static Map<String, String> pointers(List<String> reads) {
        Map<String, String> all = new LinkedHashMap<>();
        reads.stream().filter(each -> each.matches(READ)).forEach(each -> {
            int space = each.indexOf(' ');
            all.put(each.substring(0, space), each.substring(space + 1));
        });
        return all;
    }
}
