package org.waxbell.engine;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a run of a part is called among all that ever run: {@code 17.card}, {@code 17.card~} in the take that replaced another.
 *
 * @param ring  number of its ring
 * @param part  name of the part within its score
 * @param spare whether it belongs to the take that is played in place of one that failed
 */
public record PartName(long ring, String part, boolean spare) {
    private static final Pattern FORM = Pattern.compile("(\\d{1,18})\\.([^~]+)(~?)");

    /** The name that {@code text} is; empty where it is none, such as of an answer that no ring gave. */
    public static Optional<PartName> parse(String text) {
        Matcher matcher = FORM.matcher(text);
        return matcher.matches()
                ? Optional.of(new PartName(
                        Long.parseLong(matcher.group(1)),
                        matcher.group(2),
                        !matcher.group(3).isEmpty()))
                : Optional.empty();
    }

    @Override
    public String toString() {
        return ring + "." + part + (spare ? "~" : "");
    }
}
