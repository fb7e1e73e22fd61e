package org.waxbell.app.mixer;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerPicture;

/** What is to be put back as soon as the mixer can be reached; it outlives the program. */
@Component
class OwedTargets {
    private static final String SETTING = "mixer.owed";
    private final SettingMapper settings;
    private final Documents json;
    private List<Owed> owed;

    OwedTargets(SettingMapper settings, Documents json) {
        this.settings = settings;
        this.json = json;
        String kept = settings.get(SETTING);
        this.owed = kept == null ? new ArrayList<>() : new ArrayList<>(List.of(json.read(kept, Owed[].class)));
    }

    /** @param left how it stood when it was heard last; empty text where that is not known */
    record Owed(Target target, String value, String left) {}

    synchronized void add(Target target, String value, MixerPicture last) {
        String left = owed.stream()
                .filter(each -> each.target().equals(target))
                .map(Owed::left)
                .findFirst()
                .orElse(last.valueOf(target).orElse(""));
        owed.removeIf(each -> each.target().equals(target));
        owed.add(new Owed(target, value, left));
        settings.put(SETTING, json.write(owed));
    }

    synchronized List<Owed> take() {
        List<Owed> all = owed;
        if (!all.isEmpty()) {
            owed = new ArrayList<>();
            settings.put(SETTING, json.write(owed));
        }
        return all;
    }
}
