package org.waxbell.app.wiring;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.json.Documents;
import org.waxbell.app.run.Job;
import org.waxbell.app.store.DocumentMapper;
import org.waxbell.app.store.DocumentRow;
import org.waxbell.engine.Engine;
import org.waxbell.engine.Outcome;

/** Puts one document in place of another, on the engine's thread: checked against what is in force at that moment. */
abstract class Edit implements Job {
    private final WiringStore store;
    final DocumentMapper mapper;
    final Documents json;
    private @Nullable Document before;
    private @Nullable Document after;
    private long at;

    Edit(WiringStore store, DocumentMapper mapper, Documents json) {
        this.store = store;
        this.mapper = mapper;
        this.json = json;
    }

    /** What is to be done. Throws {@link Refused} or {@link Conflict}. */
    abstract Aim aim(DocumentSet current);

    /** Writes its line in the log of edits. */
    abstract void log(long at, @Nullable String beforeJson, @Nullable String afterJson, Document document);

    /** @param value the new value, null to take the document away @param position null to leave it where it is */
    record Aim(DocumentKind kind, String id, @Nullable Object value, @Nullable Integer position) {
    }

    @Override
    public Outcome decide(Engine engine, long stamp) {
        at = stamp;
        DocumentSet current = store.current();
        Aim aim = aim(current);
        before = current.find(aim.kind(), aim.id()).orElse(null);
        after = aim.value() == null ? null : new Document(aim.kind(), aim.id(), before == null ? 1 : before.version() + 1,
                aim.position() != null ? aim.position() : before == null ? current.nextPosition() : before.position(), aim.value());
        DocumentSet next = after == null ? current.without(aim.kind(), aim.id()) : current.with(after);
        store.become(next);
        return engine.rewire(stamp, engine.book().next(next.wiring()));
    }

    @Override
    public void keep() {
        Document document = after != null ? after : Objects.requireNonNull(before);
        String afterJson = after == null ? null : json.write(after.value());
        if (afterJson == null) {
            mapper.remove(document.kind().stored(), document.id());
        } else {
            mapper.put(new DocumentRow(document.kind().stored(), document.id(), document.version(), document.position(), afterJson));
        }
        log(at, before == null ? null : json.write(before.value()), afterJson, document);
    }

    /** The document after the edit, null where it was taken away. */
    @Nullable Document after() {
        return after;
    }
}
