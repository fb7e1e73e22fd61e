package org.waxbell.app.store;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Keeper;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.Ring;
import org.waxbell.event.ChannelEvent;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Let;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;

/** Keeps what the engine decided, and gives it back after a restart. Called by the engine's thread inside its transaction. */
@Component
public class StateStore implements Keeper {
    /** The name under which answers of ours stand in chat. */
    public static final String HELPER = "saltmarsh_bell";
    private static final String SEED = "seed";
    private static final long DAY = 86_400_000;
    private final EngineMapper engine;
    private final JournalMapper journal;
    private final PersonMapper people;
    private final ChatMapper chat;
    private final SettingMapper settings;
    private final Documents documents;

    StateStore(EngineMapper engine, JournalMapper journal, PersonMapper people, ChatMapper chat, SettingMapper settings, Documents documents) {
        this.engine = engine;
        this.journal = journal;
        this.people = people;
        this.chat = chat;
        this.settings = settings;
        this.documents = documents;
    }

    /** The state with which the engine goes on; {@code seed} is used where none was kept. */
    public EngineState load(long now, long seed) {
        engine.forgetLets(now - DAY);
        String kept = settings.get(SEED);
        if (kept == null) {
            settings.put(SEED, Long.toString(seed));
        }
        Map<String, String> drawn = engine.drawn().stream().collect(Collectors.toMap(EngineMapper.DrawnRow::purpose,
                EngineMapper.DrawnRow::name, (one, other) -> other, TreeMap::new));
        return new EngineState(kept == null ? seed : Long.parseLong(kept), journal.newest() + 1, engine.newestRing() + 1,
                engine.activeRings().stream().map(json -> documents.read(json, Ring.class)).toList(), engine.lets(), drawn);
    }

    /** Keeps all of an outcome. */
    public void keep(Outcome outcome) {
        outcome.changes().forEach(change -> change.keep(this));
        outcome.decisions().forEach(this::decision);
        outcome.directives().forEach(this::said);
    }

    private void decision(Decision decision) {
        Viewer viewer = decision.event().by().orElse(null);
        journal.add(new JournalMapper.DecisionRow(decision.number(), decision.at(), decision.event().kind(),
                viewer == null ? null : viewer.id(), decision.event().sentence(), decision.sentence(), documents.write(decision)));
        String day = day(decision.at());
        for (CueAnswer answer : decision.cues()) {
            journal.count(day, answer.cueId(), answer.held() ? 0 : 1, answer.held() ? 1 : 0);
        }
        if (viewer != null) {
            people.seen(viewer.id(), viewer.name(), standings(viewer), viewer.months(), decision.at(),
                    decision.event() instanceof ChatLine ? 1 : 0);
        }
        if (decision.event() instanceof ChannelEvent event) {
            chat.add(new ChatMapper.ChatRow(event.from(), decision.at(), "", Standing.ANYONE.name(), event.sentence(), false));
        }
        if (decision.event() instanceof ChatLine line) {
            chat.add(new ChatMapper.ChatRow(line.from(), decision.at(), line.viewer().name(),
                    line.viewer().nearest().name(), line.text(), false));
        }
    }

    private void said(Directive directive) {
        if (directive instanceof SayInChat say) {
            chat.add(new ChatMapper.ChatRow(say.link(), say.meantFor(), HELPER, Standing.ANYONE.name(), say.text(), true));
        }
    }

    private static String standings(Viewer viewer) {
        return viewer.standings().stream().map(Standing::name).collect(Collectors.joining(","));
    }

    /** The day of a moment, as the people at this machine count days. */
    public static String day(long moment) {
        return Instant.ofEpochMilli(moment).atZone(ZoneId.systemDefault()).toLocalDate().toString();
    }

    @Override
    public void ring(Ring ring) {
        engine.putRing(ring.number(), ring.cueId(), ring.arrived(), ring.over(), ring.state().isActive(), documents.write(ring));
    }

    @Override
    public void let(Let let) {
        engine.putLet(let);
    }

    @Override
    public void takeBack(long ring) {
        engine.removeLet(ring);
    }

    @Override
    public void drawn(String purpose, String name) {
        engine.putDrawn(purpose, name);
    }
}
