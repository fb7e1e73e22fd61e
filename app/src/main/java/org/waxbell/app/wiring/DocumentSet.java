package org.waxbell.app.wiring;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** All documents at one moment, and the wiring that they make together with the shelf. */
public record DocumentSet(List<Document> all, Shelf shelf, Wiring wiring) {
    /** The set of these documents. */
    public static DocumentSet of(List<Document> all, Shelf shelf) {
        List<Document> sorted =
                all.stream().sorted(Comparator.comparingInt(Document::position)).toList();
        return new DocumentSet(
                sorted,
                shelf,
                new Wiring(
                        values(sorted, House.class).stream().findFirst().orElse(House.PLAIN),
                        values(sorted, Rack.class),
                        values(sorted, Cue.class),
                        values(sorted, Stage.class),
                        values(sorted, DeskSheet.class),
                        shelf));
    }

    private static <T> List<T> values(List<Document> all, Class<T> type) {
        return all.stream()
                .map(Document::value)
                .filter(type::isInstance)
                .map(type::cast)
                .toList();
    }

    /** The document of that kind and id. */
    public Optional<Document> find(DocumentKind kind, String id) {
        return all.stream()
                .filter(each -> each.kind() == kind && each.id().equals(id))
                .findFirst();
    }

    /** The set with {@code document} in place of the one of its kind and id. */
    public DocumentSet with(Document document) {
        return of(
                Stream.concat(others(document.kind(), document.id()), Stream.of(document))
                        .toList(),
                shelf);
    }

    /** The set without that document. */
    public DocumentSet without(DocumentKind kind, String id) {
        return of(others(kind, id).toList(), shelf);
    }

    /** The place behind all others. */
    public int nextPosition() {
        return all.stream().mapToInt(Document::position).max().orElse(0) + 1;
    }

    private Stream<Document> others(DocumentKind kind, String id) {
        return all.stream().filter(each -> each.kind() != kind || !each.id().equals(id));
    }
}
