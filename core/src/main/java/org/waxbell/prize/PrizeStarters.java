package org.waxbell.prize;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.desk.ChatWords;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.FactKind;

/** The words that a prize draw begins with, and what is said in chat as it goes on. */
final class PrizeStarters {
    private final PrizeDraw draw;
    private final ChatWords words;

    PrizeStarters(PrizeDraw draw, String about, String rack) {
        this.draw = draw;
        this.words = new ChatWords(draw, about, rack);
    }

    List<Cue> all() {
        String name = ChatWords.plain(draw.name());
        return List.of(
                words.cue(
                        "",
                        "Enter " + name,
                        List.of(),
                        words.asking(PrizeDraw.ENTER, Map.of()),
                        ChatWords.says("ask", "{askAnswer}")),
                words.asks(
                        "-open", "Let people enter " + name, List.of(ChatWords.MODERATORS), PrizeDraw.OPEN, Map.of()),
                words.cue(
                        "-close",
                        "Close " + name + " and draw",
                        List.of(ChatWords.MODERATORS),
                        words.asking(PrizeDraw.CLOSE, Map.of())),
                words.cue(
                        "-again",
                        "Draw again in " + name,
                        List.of(ChatWords.MODERATORS),
                        words.asking(PrizeDraw.AGAIN, Map.of())),
                said("-drawn", "When " + name + " falls on somebody", DeskFacts.PRIZE_DRAWN),
                said("-won", "When " + name + " is won", DeskFacts.PRIZE_WON),
                said("-missed", "When nobody speaks up in " + name, DeskFacts.PRIZE_MISSED));
    }

    private Cue said(String behind, String name, FactKind fact) {
        return words.cue(behind, name, List.of(), ChatWords.says("", "{prizeSays}"))
                .withPulls(List.of(new EventPull(fact.name(), Map.of(), Map.of("deskName", draw.name()))));
    }
}
