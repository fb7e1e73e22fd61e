package org.waxbell.link;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * Where notices for the community are put up.
 *
 * @param practice whether on the practice noticeboard
 * @param address  of what takes them otherwise, as a signed call; empty text where there is none yet
 * @param allowed  as {@link WebSettings} has it
 */
public record NoticeSettings(boolean practice, String address, List<String> allowed) implements LinkSettings {
    private static final String ONLY = "practice";
    /** What they say of themselves. */
    public static final Kind<NoticeSettings> KIND = Kind.<NoticeSettings>of(
                    NoticeSettings.class, "notice", "A noticeboard", "Noticeboard")
            .also("community room post announcement")
            .with(
                    Field.flag(ONLY, "The practice noticeboard that ships with Wax Bell"),
                    WebSettings.address("address").when(ONLY, "false"),
                    Field.secret(WebSettings.SIGNING, "Secret with which calls are signed, such as whsec_…")
                            .when(ONLY, "false"),
                    WebSettings.allowed("allowed").when(ONLY, "false"))
            .making(on -> new NoticeSettings(true, "", List.of()));

    public NoticeSettings {
        allowed = List.copyOf(allowed);
    }

    @Override
    public boolean complete() {
        return practice || !address.isEmpty();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
