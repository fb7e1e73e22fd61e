package org.waxbell.app.link;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.security.SecretBox;
import org.waxbell.app.store.LinkMapper;
import org.waxbell.app.store.LinkMapper.LinkRow;

/** What is kept of links: settings as they are, secrets locked one by one. */
@Component
class LinkBook {
    private final LinkMapper mapper;
    private final SecretBox box;
    private final Documents json;

    LinkBook(LinkMapper mapper, SecretBox box, Documents json) {
        this.mapper = mapper;
        this.box = box;
        this.json = json;
    }

    /** A link as it is kept. @param secrets locked, by name */
    record Kept(String id, String kind, String name, String settings, Map<String, String> secrets, boolean paused) {
        Kept paused(boolean now) {
            return new Kept(id, kind, name, settings, secrets, now);
        }
    }

    List<Kept> all() {
        return mapper.all().stream().map(this::kept).toList();
    }

    @Nullable
    Kept find(String id) {
        return all().stream().filter(each -> each.id().equals(id)).findFirst().orElse(null);
    }

    private Kept kept(LinkRow row) {
        Map<String, String> secrets = new TreeMap<>();
        json.tree(row.secrets())
                .properties()
                .forEach(each -> secrets.put(each.getKey(), each.getValue().asString()));
        return new Kept(row.id(), row.kind(), row.name(), row.settings(), secrets, row.paused());
    }

    void put(Kept kept) {
        List<String> ids = all().stream().map(Kept::id).toList();
        int position = ids.contains(kept.id()) ? ids.indexOf(kept.id()) : ids.size();
        mapper.put(new LinkRow(
                kept.id(),
                kept.kind(),
                position,
                kept.name(),
                kept.settings(),
                json.write(kept.secrets()),
                kept.paused()));
    }

    void remove(String id) {
        mapper.remove(id);
    }

    /** The same with some secrets changed; one that is empty text is taken away. */
    Kept with(Kept kept, Map<String, String> changed) {
        Map<String, String> secrets = new TreeMap<>(kept.secrets());
        changed.forEach((name, secret) -> {
            if (secret.isEmpty()) {
                secrets.remove(name);
            } else {
                secrets.put(name, box.lock(secret));
            }
        });
        return new Kept(kept.id(), kept.kind(), kept.name(), kept.settings(), secrets, kept.paused());
    }

    /** Its secrets, open. */
    Link.Secrets secrets(Kept kept) {
        Map<String, String> open = new LinkedHashMap<>();
        kept.secrets().forEach((name, locked) -> open.put(name, box.open(locked)));
        return new Link.Secrets(open);
    }
}
