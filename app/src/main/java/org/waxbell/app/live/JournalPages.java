package org.waxbell.app.live;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.SeenMapper;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.seen.Seen;

/** The journal in pages: what was decided, joined with whether it was seen. */
@Component
public class JournalPages {
    private static final int DECISIONS_SHOWN = 60;
    private final Notices notices;
    private final Journal journal;
    private final SeenMapper seen;
    private final Documents json;

    JournalPages(Journal journal, SeenMapper seen, Documents json, Notices notices) {
        this.notices = notices;
        this.journal = journal;
        this.seen = seen;
        this.json = json;
    }

    /** The newest decisions before a number, newest last. */
    public List<DecisionNotice> before(long number) {
        return notices(journal.before(number, DECISIONS_SHOWN));
    }

    /** The newest decisions in which a cue answered, newest last. */
    public List<DecisionNotice> ofCue(String id, int most) {
        return notices(journal.holding("\"cueId\":" + json.write(id), most));
    }

    /** Rows of the journal as consoles show them, the oldest first. */
    public List<DecisionNotice> notices(List<Decision> decisions) {
        List<Decision> all = decisions.stream()
                .sorted(Comparator.comparingLong(Decision::number))
                .toList();
        LongSummaryStatistics rung = all.stream()
                .flatMap(each -> each.cues().stream())
                .mapToLong(CueAnswer::ring)
                .filter(ring -> ring > 0)
                .summaryStatistics();
        Map<Long, Seen> known = new HashMap<>();
        if (rung.getCount() > 0) {
            seen.between(rung.getMin(), rung.getMax())
                    .forEach(row -> known.put(row.ring(), json.read(row.json(), Seen.class)));
        }
        return all.stream().map(each -> notices.of(each, known)).toList();
    }
}
