package org.waxbell.link;

import java.util.List;
import org.waxbell.kind.Family;

/** Links that can be set: a further one is its settings, one line here, and what makes it in the program around. */
public final class LinkKinds {
    /** Those that ship. */
    public static final Family<LinkSettings> ALL = new Family<>(
            LinkSettings.class,
            "link",
            List.of(
                    IrcSettings.KIND,
                    MixerSettings.KIND,
                    RoomSettings.KIND,
                    ComputerSettings.KIND,
                    WebSettings.KIND,
                    NoticeSettings.KIND,
                    OscSettings.KIND));

    private LinkKinds() {}
}
