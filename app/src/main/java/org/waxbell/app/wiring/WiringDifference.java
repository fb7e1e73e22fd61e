package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.wiring.Edit.Aim;
import org.waxbell.wiring.WiringDocument;

/**
 * What bringing a wiring from outside would do to the documents that are there.
 *
 * @param removes what would be no more; nothing where it is merged
 * @param aims    the same as edits, in order
 * @param after   the documents as they would be
 */
public record WiringDifference(
        List<Named> adds,
        List<Named> replaces,
        List<Named> leaves,
        List<Named> removes,
        List<Aim> aims,
        DocumentSet after) {
    /** A document by its name. */
    public record Named(DocumentKind kind, String id, String name) {}

    /** What {@code brought} would do. @param whole in place of all that is there, else merged */
    static WiringDifference of(DocumentSet current, WiringDocument brought, boolean whole) {
        WiringDocument target = whole ? brought : brought.mergedInto(WiringDocument.of(current.wiring()));
        Building building = new Building(current, whole);
        building.comes(DocumentKind.HOUSE, "house", target.house());
        target.racks().forEach(rack -> building.comes(DocumentKind.RACK, rack.id(), rack));
        target.stages().forEach(stage -> building.comes(DocumentKind.STAGE, stage.id(), stage));
        target.desks()
                .forEach(desk -> building.comes(
                        DocumentKind.DESK,
                        desk.id(),
                        desk.arriving(
                                current.find(DocumentKind.DESK, desk.id()).map(there -> (DeskSheet) there.value()))));
        target.cues().forEach(cue -> building.comes(DocumentKind.CUE, cue.id(), cue));
        return building.done();
    }

    private static final class Building {
        private final DocumentSet current;
        private final boolean whole;
        private final List<Named> adds = new ArrayList<>();
        private final List<Named> replaces = new ArrayList<>();
        private final List<Named> leaves = new ArrayList<>();
        private final List<Aim> aims = new ArrayList<>();
        private final List<Document> next = new ArrayList<>();

        Building(DocumentSet current, boolean whole) {
            this.current = current;
            this.whole = whole;
        }

        void comes(DocumentKind kind, String id, Object value) {
            Optional<Document> there = current.find(kind, id);
            // A whole wiring brings its order with it; what is merged stands behind what is there.
            int position = whole
                    ? next.size() + 1
                    : there.map(Document::position).orElse(current.nextPosition() + adds.size());
            next.add(new Document(kind, id, 1, position, value));
            boolean same = there.isPresent() && there.get().value().equals(value);
            (there.isEmpty() ? adds : same ? leaves : replaces).add(new Named(kind, id, Document.nameOf(value)));
            if (!same || there.get().position() != position) {
                aims.add(new Aim(kind, id, value, position));
            }
        }

        WiringDifference done() {
            List<Named> removes = new ArrayList<>();
            for (Document document : current.all()) {
                if (next.stream()
                        .noneMatch(each ->
                                each.kind() == document.kind() && each.id().equals(document.id()))) {
                    removes.add(new Named(document.kind(), document.id(), Document.nameOf(document.value())));
                    aims.add(new Aim(document.kind(), document.id(), null, null));
                }
            }
            return new WiringDifference(
                    List.copyOf(adds),
                    List.copyOf(replaces),
                    List.copyOf(leaves),
                    List.copyOf(removes),
                    List.copyOf(aims),
                    DocumentSet.of(next, current.shelf()));
        }
    }
}
