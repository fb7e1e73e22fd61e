package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;

/** Answers in chat, on the link that the line came from. It is done at once. */
public record ReplyPart(String id, Anchor start, String words, Manner manner) implements Part {
    @Override
    public Lane lane() {
        return Lane.CHAT;
    }

    @Override
    public List<String> patterns() {
        return List.of(words);
    }

    @Override
    public Directive direct(Telling telling) {
        return new SayInChat(telling.partRun(), telling.meantFor(), telling.link(), telling.to(), telling.fill(words));
    }

    @Override
    public String label(Telling telling) {
        return telling.fill(words);
    }

    @Override
    public void check(PartCheck check) {
        check.words("words", words, false);
    }
}
