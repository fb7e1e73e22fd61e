package org.waxbell.app.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.event.Target;

/** What is to be put back as soon as a link is up again; it outlives the program. */
public final class OwedTargets {
    private final SettingMapper settings;
    private final Documents json;
    private final String setting;
    private List<Owed> owed;

    /** @param setting under which it is kept */
    public OwedTargets(SettingMapper settings, Documents json, String setting) {
        this.settings = settings;
        this.json = json;
        this.setting = setting;
        String kept = settings.get(setting);
        this.owed = kept == null ? new ArrayList<>() : new ArrayList<>(List.of(json.read(kept, Owed[].class)));
    }

    /** @param left how it stood when it was heard last; empty text where that is not known */
    public record Owed(Target target, String value, String left) {
        /** Whether it is to be put back still, where it tells {@code stands}: a person may have changed it meanwhile. */
        public boolean due(String stands) {
            return !stands.equals(value) && (left.isEmpty() || target.kind().stillDoes(left, stands));
        }
    }

    /** Keeps one. @param last how it stood when it was heard last, empty text where that is not known */
    public synchronized void add(Target target, String value, String last) {
        String left = owed.stream()
                .filter(each -> each.target().equals(target))
                .map(Owed::left)
                .findFirst()
                .orElse(last);
        owed.removeIf(each -> each.target().equals(target));
        owed.add(new Owed(target, value, left));
        settings.put(setting, json.write(owed));
    }

    /** What is owed to one target, which is kept no longer; empty where nothing is. */
    public synchronized Optional<Owed> take(Target target) {
        Optional<Owed> found =
                owed.stream().filter(each -> each.target().equals(target)).findFirst();
        found.ifPresent(each -> {
            owed.remove(each);
            settings.put(setting, json.write(owed));
        });
        return found;
    }

    /** All of them, which are kept no longer. */
    public synchronized List<Owed> take() {
        List<Owed> all = owed;
        if (!all.isEmpty()) {
            owed = new ArrayList<>();
            settings.put(setting, json.write(owed));
        }
        return all;
    }
}
