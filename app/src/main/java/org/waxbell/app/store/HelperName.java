package org.waxbell.app.store;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The name under which our answers stand on the practice channel. */
@Component
public class HelperName {
    /** The setting that holds it; the viewers that ship with the program bring it. */
    public static final String SETTING = "practice.helper";

    private static final String OTHERWISE = "wax_bell";
    private final SettingMapper settings;
    private volatile @Nullable String name;

    HelperName(SettingMapper settings) {
        this.settings = settings;
    }

    /** The name. */
    public String get() {
        String known = name;
        if (known == null) {
            String kept = settings.get(SETTING);
            known = kept == null ? OTHERWISE : kept;
            name = known;
        }
        return known;
    }
}
