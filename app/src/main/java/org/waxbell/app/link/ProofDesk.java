package org.waxbell.app.link;

import java.security.SecureRandom;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.LinkView.ProofView;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.journal.Decision;
import org.waxbell.link.ChannelProof;

/** Proofs that chat accounts are the host's, under way by link; and who proved it. */
@Component
public class ProofDesk implements OutcomeWatcher {
    private static final String SETTING = "link.hosts";
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int LENGTH = 8;
    private final SettingMapper settings;
    private final Documents json;
    private final SystemClock clock;
    private final LinkPulse pulse;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Running> running = new ConcurrentHashMap<>();
    private volatile Set<String> hosts;

    ProofDesk(SettingMapper settings, Documents json, SystemClock clock, LinkPulse pulse) {
        this.settings = settings;
        this.json = json;
        this.clock = clock;
        this.pulse = pulse;
        String kept = settings.get(SETTING);
        this.hosts = kept == null ? Set.of() : Set.of(json.read(kept, String[].class));
    }

    private record Running(ChannelProof proof, String who) {}

    /** Whether that person proved to be the host. @param person identity on its link, such as {@code tower:odalys} */
    public boolean isHost(String person) {
        return hosts.contains(person);
    }

    /** Begins a proof on a link, in place of one under way. */
    public void begin(String link) {
        StringBuilder secret = new StringBuilder();
        random.ints(LENGTH, 0, LETTERS.length()).forEach(at -> secret.append(LETTERS.charAt(at)));
        running.put(link, new Running(new ChannelProof(clock.now(), secret.toString()), ""));
        pulse.moved();
    }

    /** Gives a proof up. */
    public void end(String link) {
        running.remove(link);
        pulse.moved();
    }

    @Nullable
    ProofView view(String link) {
        Running now = running.get(link);
        if (now == null) {
            return null;
        }
        synchronized (now.proof()) {
            return new ProofView(
                    now.proof().code(),
                    now.proof().until(),
                    now.proof().triesLeft(),
                    now.proof().result(clock.now()),
                    now.who());
        }
    }

    @Override
    public void left(Outcome outcome) {
        if (running.isEmpty()) {
            return;
        }
        for (Decision decision : outcome.decisions()) {
            if (decision.event() instanceof ChatLine line) {
                hear(line);
            }
        }
    }

    private void hear(ChatLine line) {
        String link = line.from().replaceAll("/.*", "");
        Running now = running.get(link);
        if (now == null) {
            return;
        }
        // A bare nickname can be taken by anyone tomorrow, so it proves nothing, and the code stays good.
        boolean account = !line.viewer().id().contains(":~");
        synchronized (now.proof()) {
            if (!account) {
                if (line.text().strip().equalsIgnoreCase(now.proof().code())) {
                    running.put(link, new Running(now.proof(), line.viewer().name()));
                }
            } else if (now.proof().hears(clock.now(), line.text())) {
                running.put(link, new Running(now.proof(), line.viewer().name()));
                Set<String> next = new TreeSet<>(hosts);
                next.add(line.viewer().id());
                hosts = next;
                settings.put(SETTING, json.write(next));
            }
        }
        pulse.moved();
    }
}
