package org.waxbell.app.attention;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Right;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.speech.HeldTexts;
import org.waxbell.app.speech.HeldTexts.HeldText;
import org.waxbell.engine.Outcome;
import org.waxbell.evening.Soon;
import org.waxbell.gate.ReadingGate;
import org.waxbell.voice.Reading;

/** Texts that wait until the host lets them be said. The journal is read again only when one came or was settled. */
@Component
class VoiceNeeds implements NeedSource, OutcomeWatcher {
    private final HeldTexts texts;
    private volatile boolean moved = true;
    private List<Need> known = List.of();

    VoiceNeeds(HeldTexts texts) {
        this.texts = texts;
    }

    @Override
    public void left(Outcome outcome) {
        boolean settled =
                outcome.changes().stream().anyMatch(each -> each.book().name().equals(Reading.DESK));
        boolean came = outcome.decisions().stream()
                .flatMap(each -> each.cues().stream())
                .anyMatch(each -> HeldTexts.isHeldFor(each, ReadingGate.WAITS));
        if (settled || came) {
            moved = true;
        }
    }

    @Override
    public List<Need> needs() {
        if (moved) {
            moved = false;
            known = texts.waiting().stream().map(VoiceNeeds::need).toList();
        }
        return known;
    }

    private static Need need(HeldText text) {
        String path = "/voice/waits/" + text.decision();
        return new Need(
                "voice/" + text.decision(),
                Soon.SOON,
                text.viewer(),
                "asks to be read aloud: “" + text.says() + "”",
                text.at(),
                "/voice",
                List.of(
                        new Need.NeedAct("Say it", path + "/let", Map.of(), Right.APPROVE),
                        new Need.NeedAct("Leave it out", path + "/drop", Map.of(), Right.APPROVE)));
    }
}
