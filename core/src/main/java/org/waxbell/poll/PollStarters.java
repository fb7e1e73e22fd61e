package org.waxbell.poll;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.desk.ChatWords;
import org.waxbell.event.DeskFacts;

/** The words that a poll begins with, and what is said in chat when it is over. */
final class PollStarters {
    private final Poll poll;
    private final ChatWords words;

    PollStarters(Poll poll, String about, String rack) {
        this.poll = poll;
        this.words = new ChatWords(poll, about, rack);
    }

    List<Cue> all() {
        String name = ChatWords.plain(poll.name());
        Cue over = words.cue("-over", "When " + name + " is over", List.of(), ChatWords.says("", "{pollSays}"))
                .withPulls(List.of(
                        new EventPull(DeskFacts.POLL_CLOSED.name(), Map.of(), Map.of("deskName", poll.name()))));
        return List.of(
                words.cue(
                        "",
                        "Vote in " + name,
                        List.of(),
                        words.asking(Poll.VOTE, Map.of(Poll.CHOICE, "{argument}")),
                        ChatWords.says("ask", "{askAnswer}")),
                words.asks(
                        "-ask",
                        "Ask " + name,
                        List.of(ChatWords.MODERATORS),
                        Poll.OPEN,
                        Map.of(Poll.QUESTION, "", Poll.ANSWERS, "")),
                words.cue("-close", "Close " + name, List.of(ChatWords.MODERATORS), words.asking(Poll.CLOSE, Map.of())),
                over);
    }
}
