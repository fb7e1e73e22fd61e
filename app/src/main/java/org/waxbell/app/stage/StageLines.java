package org.waxbell.app.stage;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.journal.Decision;
import org.waxbell.words.WordKey;

/** Tells stages what is written in chat; neighbours are left out, as everywhere. */
@Component
class StageLines implements OutcomeWatcher {
    private static final int LONGEST = 500;
    private final StageFeed feed;
    private final WiringStore wiring;

    StageLines(StageFeed feed, WiringStore wiring) {
        this.feed = feed;
        this.wiring = wiring;
    }

    /** Whether it begins with the prefix of the house or with a chat word of a cue that answered; that it is a first line or has a phrase makes it none. */
    private boolean isCommand(Decision decision, ChatLine line) {
        if (line.text().startsWith(wiring.current().wiring().house().prefix())) {
            return true;
        }
        String word = WordKey.of(line.word());
        return decision.cues().stream()
                .flatMap(answer -> wiring.book().cue(answer.cueId()).stream())
                .flatMap(ready -> ready.cue().pulls().stream())
                .anyMatch(pull -> pull instanceof ChatWordPull said
                        && said.words().stream()
                                .anyMatch(each -> WordKey.of(each).equals(word)));
    }

    @Override
    public void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> {
            if (decision.event() instanceof ChatLine line
                    && wiring.current().wiring().house().neighbours().stream()
                            .noneMatch(
                                    each -> each.equalsIgnoreCase(line.viewer().name()))) {
                String text = line.text().length() > LONGEST ? line.text().substring(0, LONGEST) : line.text();
                feed.said(new StageFeed.ChatSeen(decision.at(), line.viewer().name(), text, isCommand(decision, line)));
            }
        });
    }
}
