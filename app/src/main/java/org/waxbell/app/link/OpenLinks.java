package org.waxbell.app.link;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.waxbell.port.Carrier;

/**
 * Links of one kind that parts name, for as long as each is open.
 *
 * @param <L> the links
 */
public final class OpenLinks<L extends Link> {
    private final Map<String, L> all = new ConcurrentHashMap<>();

    /** One that begins; it takes the place of one of the same id. */
    public L add(String id, L link) {
        all.put(id, link);
        return link;
    }

    /** One that was closed; another of its id stays. */
    public void remove(String id, L link) {
        all.remove(id, link);
    }

    /** Carries directives of one kind to the link that each names; those whose link is not there are nobody's. */
    public <D> Carrier<D> carrier(Class<D> kind, Function<D, String> id, BiConsumer<L, D> way) {
        return new Carrier<>() {
            @Override
            public Class<D> takes() {
                return kind;
            }

            @Override
            public boolean reaches(D directive) {
                return all.containsKey(id.apply(directive));
            }

            @Override
            public void carry(D directive) {
                @Nullable L link = all.get(id.apply(directive));
                if (link != null) {
                    way.accept(link, directive);
                }
            }
        };
    }
}
