package org.waxbell.app.irc;

import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.app.link.ProofDesk;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Completion;
import org.waxbell.event.Written;
import org.waxbell.kind.Kind;
import org.waxbell.link.IrcSettings;
import org.waxbell.port.ChatOut;

/** Makes links to chats by IRC, and lets answers out to the one that the line came from. */
@Component
final class IrcMaker implements LinkMaker<IrcSettings>, ChatOut, IrcLink.Hearing {
    private final Inbox loop;
    private final ProofDesk proofs;
    private final Map<String, IrcLink> live = new ConcurrentHashMap<>();

    IrcMaker(Inbox loop, ProofDesk proofs) {
        this.loop = loop;
        this.proofs = proofs;
    }

    @Override
    public Kind<IrcSettings> kind() {
        return IrcSettings.KIND;
    }

    @Override
    public boolean several() {
        return true;
    }

    @Override
    public Link make(String id, IrcSettings settings, Link.Secrets secrets, LinkLife life) {
        IrcLink made = new IrcLink(id, settings, secrets, life, this);
        live.put(id, made);
        return made;
    }

    @Override
    public boolean reaches(String link) {
        return live.containsKey(link.replaceAll("/.*", ""));
    }

    @Override
    public void say(SayInChat line) {
        Objects.requireNonNull(live.get(line.link().replaceAll("/.*", "")), "reaches was asked first")
                .say(line);
    }

    @Override
    public void closed(String id, IrcLink link) {
        live.remove(id, link);
    }

    @Override
    public boolean isProved(String person) {
        return proofs.isHost(person);
    }

    @Override
    public void wrote(Written line) {
        loop.happen(line);
    }

    @Override
    public void unsaid(String partRun, String why) {
        loop.completed(partRun, Completion.failed(why));
    }
}
