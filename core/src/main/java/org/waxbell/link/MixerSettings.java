package org.waxbell.link;

import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/**
 * Where the mixer is.
 *
 * @param practice whether it is the one that ships with us
 * @param address  of another, such as {@code ws://studio.local:4466/link}; empty text where there is none yet
 */
public record MixerSettings(boolean practice, String address) implements LinkSettings {
    /** The secret with which we prove ourselves to it. */
    public static final String PASSWORD = "password";
    /** What they say of themselves. */
    public static final Kind<MixerSettings> KIND = Kind.<MixerSettings>of(
                    MixerSettings.class, "mixer", "A mixer", "Mixer")
            .also("scenes sources broadcasting software")
            .with(
                    Field.flag("practice", "The practice mixer that ships with Wax Bell"),
                    Field.of(Field.Type.CODE, "address", "Its address")
                            .matching(
                                    "wss?://([A-Za-z0-9.-]+|\\[[0-9a-fA-F:]+\\])(:\\d{1,5})?(/[A-Za-z0-9._~/?=&-]*)?",
                                    "This is no address of a mixer.",
                                    "Write one such as ws://192.168.1.20:4466/link, or take the practice mixer.")
                            .hint(
                                    "Such as ws://192.168.1.20:4466/link. With ws:// others on the same network could read what is said, though not the password; wss:// is encrypted.")
                            .when("practice", "false"),
                    Field.secret(PASSWORD, "Its password, which is proved and never sent")
                            .when("practice", "false"))
            .making(on -> new MixerSettings(true, ""));

    @Override
    public boolean complete() {
        return practice || !address.isEmpty();
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
