package org.waxbell.app.wiring;

import java.security.SecureRandom;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.config.StartRefused;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Faults;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentRow;
import org.waxbell.app.store.MediaMapper;
import org.waxbell.check.Problem;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.CueBook;
import tools.jackson.core.JacksonException;

/** The documents in force and the book made of them. Only the engine's thread puts others in their place. */
@Component
public class WiringStore {
    private static final int KEPT = 16;
    private volatile DocumentSet current;
    private volatile CueBook book;
    /** Begins anywhere, so that what was seen before a restart is not taken for what is there after it. */
    private volatile long revision = new SecureRandom().nextInt(Integer.MAX_VALUE);

    private final ApplicationEventPublisher news;
    private final Map<Long, DocumentSet> lately = new ConcurrentHashMap<>();

    WiringStore(
            DocumentMapper mapper,
            MediaMapper media,
            Documents documents,
            FirstFill filled,
            BrokenDocuments broken,
            ApplicationEventPublisher news) {
        this.news = news;
        filled.fill();
        broken.setAside();
        List<Document> all =
                mapper.all().stream().map(row -> document(row, documents)).toList();
        current = DocumentSet.of(
                all,
                new Shelf(media.all().stream().map(MediaMapper.FileRow::media).toList()));
        book = new CueBook(current.wiring());
        lately.put(revision, current);
    }

    private static Document document(DocumentRow row, Documents documents) {
        DocumentKind kind = DocumentKind.valueOf(row.kind().toUpperCase(Locale.ROOT));
        try {
            return new Document(kind, row.id(), row.version(), row.position(), documents.read(row.json(), kind.type()));
        } catch (JacksonException unreadable) {
            Problem why = Faults.of(unreadable);
            throw new StartRefused(
                    "The " + row.kind() + " \"" + row.id() + "\" in the database cannot be read"
                            + (why.path().isEmpty() ? "" : " at " + why.path()) + ": " + why.message(),
                    "Start without it by --without=" + row.kind() + "/" + row.id()
                            + ", which sets it aside in the folder faults; or put a copy in place: ./waxbell restore.");
        }
    }

    /** The documents in force. */
    public DocumentSet current() {
        return current;
    }

    /** The book in force, of which others can be made. */
    public CueBook book() {
        return book;
    }

    /** Another number after every edit, and after every edit that is undone. */
    public long revision() {
        return revision;
    }

    /** The documents as they stood at a revision; empty where that is more than a few edits ago, or before the start. */
    public Optional<DocumentSet> at(long revision) {
        return Optional.ofNullable(lately.get(revision));
    }

    /** The revision comes last: who reads it first never takes older documents for those of a newer one. */
    void become(DocumentSet next, CueBook made) {
        long then = revision + 1;
        lately.put(then, next);
        lately.remove(then - KEPT);
        current = next;
        book = made;
        revision = then;
    }

    /** What {@link #become} put in force was kept: everybody who follows the wiring is told, whoever edited it. */
    void publish(Actor by) {
        news.publishEvent(new WiringChanged(by));
    }
}
