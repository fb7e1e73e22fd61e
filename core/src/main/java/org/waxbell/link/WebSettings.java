package org.waxbell.link;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * An address on the web that cues may call.
 *
 * @param address such as {@code https://hooks.example.org/waxbell}
 * @param allowed names and addresses of the host's own network that may be called all the same, such as {@code 192.168.1.20} or {@code shed.local}
 */
public record WebSettings(String address, List<String> allowed) implements LinkSettings {
    /** The secret with which calls are signed, as Standard Webhooks describe; without one they are not. */
    public static final String SIGNING = "signing";

    private static final int MOST_ALLOWED = 20;
    /** What they say of themselves. */
    public static final Kind<WebSettings> KIND = Kind.<WebSettings>of(
                    WebSettings.class, "web", "An address on the web", "Web address")
            .also("webhook http call json url")
            .with(
                    address("address"),
                    Field.secret(SIGNING, "Secret with which calls are signed, such as whsec_…"),
                    allowed("allowed"))
            .making(on -> new WebSettings("", List.of()));

    public WebSettings {
        allowed = List.copyOf(allowed);
    }

    /** The field of such an address. */
    static Field address(String key) {
        return Field.of(Field.Type.CODE, key, "Its address")
                .most(500)
                .matching(
                        "https?://([A-Za-z0-9.-]+|\\[[0-9a-fA-F:.]+\\])(:\\d{1,5})?(/[^\\s#]*)?",
                        "This is no address on the web.",
                        "Write one such as https://hooks.example.org/waxbell.")
                .hint("With http:// others could read what is said on the way; https:// is encrypted.");
    }

    /** The field of what may be called of the host's own network. */
    static Field allowed(String key) {
        return Field.many(key, "Of your own network it may reach")
                .matching(
                        "[A-Za-z0-9.:-]{1,253}",
                        "This is no name or address of a computer.",
                        "Write one such as 192.168.1.20 or shed.local.")
                .most(MOST_ALLOWED)
                .hint(
                        "Addresses of this computer and its network are never called unless they stand here, whatever name leads there.")
                .under("More");
    }

    @Override
    public boolean complete() {
        return !address.isEmpty();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
