package org.waxbell.engine;

import org.waxbell.directive.SayInChat;
import org.waxbell.event.ChatText;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.state.Memory;

/** Lines that somebody at the console writes into a chat as the helper, to everyone or to one person alone. */
final class HandAnswers implements Handler {
    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact && fact.is(Facts.SAID)) {
            String text = ChatText.line(fact.text("text"));
            if (text.isEmpty()) {
                turn.refuse("nothing was written");
                return;
            }
            turn.directed(new SayInChat("hand" + turn.decision(), at, fact.text("chat"), fact.text("to"), text));
        }
    }

    @Override
    public void save(Memory memory) {}
}
