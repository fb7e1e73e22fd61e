package org.waxbell.app.pack;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.Shelving;
import org.waxbell.pack.PackItem;

/** What a pack brought, so that it can be taken out again. */
record Brought(List<Was> documents, List<PackItem> house, List<Shelving.Spot> files) {
    /** A document that it brought. @param former what stood there before, as JSON; empty text where nothing did @param added ids of what a stage that was here got, which alone goes again */
    record Was(DocumentKind kind, String id, String former, Set<String> added) {
        /** The same and what another version brought: what stood there before the first counts. */
        private Was and(Was later) {
            // What was brought whole, or took a place, goes whole.
            boolean parts = !added.isEmpty() && !later.added.isEmpty();
            return parts ? new Was(kind, id, former, Set.copyOf(union(added, later.added))) : this;
        }
    }

    /** This and what another version brought. */
    Brought and(Brought later) {
        Map<String, Was> all = new LinkedHashMap<>();
        Stream.concat(documents.stream(), later.documents.stream())
                .forEach(each -> all.merge(each.kind() + "/" + each.id(), each, Was::and));
        return new Brought(List.copyOf(all.values()), union(house, later.house), union(files, later.files));
    }

    private static <T> List<T> union(Collection<T> first, Collection<T> then) {
        return Stream.concat(first.stream(), then.stream()).distinct().toList();
    }
}
