package org.waxbell.engine;

import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.directive.SayInChat;
import org.waxbell.event.ChatText;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.state.Memory;

/** Lines that somebody at the console writes into a chat as the helper, to everyone or to one person alone; what names no chat goes to that of the house. */
final class HandAnswers implements Handler {
    private static final String BY_HAND = "hand";
    private final Wired wired;

    HandAnswers(Wired wired) {
        this.wired = wired;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact && fact.is(Facts.SAID)) {
            String text = ChatText.line(fact.text("text"));
            if (text.isEmpty()) {
                turn.refuse("nothing was written");
                return;
            }
            String chat = fact.text("chat").isEmpty() ? wired.house().home() : fact.text("chat");
            turn.directed(new SayInChat(BY_HAND + turn.decision(), at, chat, fact.text("to"), text));
        }
    }

    /** What an adapter tells of such a line, where it is to be known: that it was not said. */
    static Optional<Fact> told(String partRun, Completion result) {
        return partRun.startsWith(BY_HAND) && result.kind() == Completion.Kind.FAILED
                ? Optional.of(Facts.UNSAID.by(Actor.PROGRAM, result.detail()))
                : Optional.empty();
    }

    @Override
    public void save(Memory memory) {}
}
