package org.waxbell.score;

import java.util.List;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;

/** Answers in chat, on the link that the line came from. It is done at once. */
public record ReplyPart(String id, Anchor start, String words, Manner manner) implements Part {
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(ReplyPart.class, "reply", "Reply in chat", "Reply")
            .also("message answer say")
            .with(Field.words("words", "Words").needed())
            .making(on -> new ReplyPart(
                    on.id(),
                    on.shown().<Anchor>map(card -> new Anchor.After(card, 200)).orElse(Anchor.START),
                    on.brings("viewer") ? "Thank you, {viewer}." : "Good evening.",
                    Manner.PLAIN));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

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
    public String label(Telling telling, Naming names) {
        return telling.fill(words);
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
    }
}
