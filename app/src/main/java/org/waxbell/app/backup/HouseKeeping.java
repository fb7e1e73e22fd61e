package org.waxbell.app.backup;

import org.springframework.stereotype.Component;
import org.waxbell.app.json.Refused;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.check.Problems;

/** How many daily back-ups of the whole house are kept. */
@Component
public class HouseKeeping {
    private static final String SETTING = "house.keep";
    private static final int USUAL = 3;
    private static final int MOST = 60;
    private final SettingMapper settings;

    HouseKeeping(SettingMapper settings) {
        this.settings = settings;
    }

    /** So many; 0 where none is made by itself. */
    public int keep() {
        String told = settings.get(SETTING);
        return told == null ? USUAL : Integer.parseInt(told);
    }

    /** Sets it; throws {@link Refused} where that cannot be. */
    public void keep(int many) {
        Problems problems = new Problems();
        problems.at("keep").within(many, 0, MOST, "The number of back-ups", "");
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        settings.put(SETTING, Integer.toString(many));
    }
}
