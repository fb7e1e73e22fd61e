package org.waxbell.app.clip;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.mixer.MixerStands;
import org.waxbell.app.store.ClipMapper;
import org.waxbell.app.store.ClipMapper.FilmedRow;
import org.waxbell.clip.Chapters;
import org.waxbell.clip.Mark;

/** Notes when the mixer streams and records, and makes chapters of what was marked and kept meanwhile. */
@Component
public class Filmed {
    private static final int MOST = 40;
    private final ClipMapper clips;
    private final SystemClock clock;

    Filmed(ClipMapper clips, SystemClock clock) {
        this.clips = clips;
        this.clock = clock;
    }

    @EventListener
    synchronized void stands(MixerStands stands) {
        note("stream", stands.picture().streaming());
        note("recording", stands.picture().recording());
    }

    private void note(String kind, boolean runs) {
        boolean noted = clips.filmed(MOST).stream().anyMatch(row -> row.kind().equals(kind) && row.ends() == 0);
        if (runs && !noted) {
            clips.begins(kind, clock.now());
        } else if (!runs && noted) {
            clips.ends(kind, clock.now());
        }
    }

    /** The newest streams and recordings, newest first. */
    public List<FilmedRow> newest() {
        return clips.filmed(MOST);
    }

    /** The chapters of one of them; empty where there is no such one. */
    public Optional<Chapters> chapters(long number) {
        return newest().stream()
                .filter(row -> row.number() == number)
                .findFirst()
                .map(this::chapters);
    }

    /** The chapters of a stretch as far as it has come. */
    public Chapters chapters(FilmedRow row) {
        long ends = row.ends() == 0 ? clock.now() : row.ends();
        Stream<Mark> marks =
                clips.marks(row.begins(), ends).stream().map(each -> new Mark(each.at(), each.words(), each.maker()));
        Stream<Mark> made = clips.clips(row.begins(), ends).stream()
                .map(each -> new Mark(each.begins(), "clip: " + each.title(), each.maker()));
        return new Chapters(row.begins(), ends, Stream.concat(marks, made).toList());
    }
}
