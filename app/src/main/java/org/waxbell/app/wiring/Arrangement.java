package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.app.json.Refused;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.ShelfUse;

/** Works out which documents take another place in their list: only those between where something stood and where it goes. */
final class Arrangement {
    private final DocumentSet current;

    Arrangement(DocumentSet current) {
        this.current = current;
    }

    /** Cues that go into a rack, before another cue of it or to its end. Throws {@link Refused} for what is not there. */
    List<Edit.Aim> cues(List<String> ids, String rack, String before) {
        find(DocumentKind.RACK, rack);
        List<Document> moved =
                ids.stream().map(id -> find(DocumentKind.CUE, id)).toList();
        return aims(DocumentKind.CUE, moved, before, rack);
    }

    /** A rack that goes before another, or to the end. */
    List<Edit.Aim> racks(String id, String before) {
        return aims(DocumentKind.RACK, List.of(find(DocumentKind.RACK, id)), before, "");
    }

    /** Cues and stages as they name what lies on the shelf now. */
    static List<Edit.Aim> of(ShelfUse.Moved moved) {
        List<Edit.Aim> aims = new ArrayList<>();
        moved.cues().forEach(each -> aims.add(new Edit.Aim(DocumentKind.CUE, each.id(), each, null)));
        moved.stages().forEach(each -> aims.add(new Edit.Aim(DocumentKind.STAGE, each.id(), each, null)));
        return aims;
    }

    private Document find(DocumentKind kind, String id) {
        return current.find(kind, id)
                .orElseThrow(() -> new Refused(
                        "id", id, "There is no such " + kind.stored() + ".", "Choose one that is in the list."));
    }

    private List<Edit.Aim> aims(DocumentKind kind, List<Document> moved, String before, String rack) {
        List<Document> was =
                current.all().stream().filter(each -> each.kind() == kind).toList();
        List<Document> now = new ArrayList<>(was);
        now.removeAll(moved);
        int at = before.isEmpty() ? endOf(now, rack) : now.indexOf(find(kind, before));
        if (at < 0) {
            throw new Refused("before", before, "It is one of those that are moved.", "Choose another place.");
        }
        now.addAll(at, moved);
        List<Edit.Aim> aims = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            Document each = now.get(i);
            Object value = moved.contains(each) && each.value() instanceof Cue cue ? cue.inRack(rack) : each.value();
            int position = was.get(i).position();
            if (position != each.position() || !value.equals(each.value())) {
                aims.add(new Edit.Aim(kind, each.id(), value, position));
            }
        }
        if (aims.isEmpty()) {
            throw new Refused("before", before, "It stands there already.", "Choose another place.");
        }
        return aims;
    }

    /** Behind the last cue of a rack; behind all where it has none. */
    private static int endOf(List<Document> cues, String rack) {
        int end = cues.size();
        for (int i = 0; i < cues.size(); i++) {
            if (cues.get(i).value() instanceof Cue cue && cue.rack().equals(rack)) {
                end = i + 1;
            }
        }
        return end;
    }
}
