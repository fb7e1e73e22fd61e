package org.waxbell.engine;

import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.Let;
import org.waxbell.gate.LetBook;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.ReadyCue;

/** Asks cues what they make of an event, and carries their rings on. */
final class Cues implements Handler {
    private final Agenda agenda;
    private final Runner runner;
    private final Deciding deciding;
    private final LetBook lets;
    private final Handlers handlers;

    Cues(Agenda agenda, Runner runner, Deciding deciding, LetBook lets, Handlers handlers) {
        this.agenda = agenda;
        this.runner = runner;
        this.deciding = deciding;
        this.lets = lets;
        this.handlers = handlers;
    }

    /** What was let through before a restart, and still counts. */
    void remember(EngineState state) {
        Set<Long> open = state.rings().stream()
                .filter(ring -> !ring.begun())
                .map(Ring::number)
                .collect(Collectors.toSet());
        long counted = state.evening().openedAt();
        for (Let let : state.memory().all(Books.LETS)) {
            long memory = handlers.wired()
                    .book()
                    .cue(let.cueId())
                    .map(ReadyCue::remembersMs)
                    .orElse(0L);
            if (open.contains(let.ring())) {
                lets.add(let, memory);
            } else {
                // What is put together was counted as it was; a single one of before the show no longer counts.
                lets.addSettled(let.ring() != 0 && let.at() < counted ? let.uncounted() : let, memory);
            }
        }
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof Fact fact && (fact.is(Facts.SHOW_OPENED) || fact.is(Facts.SHOW_CLOSED))) {
            lets.startCounting();
        }
        if (turn.asksCues()) {
            turn.answered(deciding.ask(turn.decision(), at, event, turn.depth(), turn));
        }
        if (event instanceof ChatLine line) {
            hint(at, line, turn);
        }
    }

    /** A first line or a phrase in it may ring all the same. */
    private void hint(long at, ChatLine line, Turn turn) {
        String hint = deciding.hint(turn.decision(), at, line, turn);
        if (!hint.isEmpty()) {
            turn.says(hint);
        }
        if (turn.answers().isEmpty()
                && turn.note().isEmpty()
                && !handlers.known().showOpen()
                && handlers.wired().book().hasFirstLine(line)) {
            turn.says("no cue has this word · no show is open, so it is nobody's first line tonight");
        }
    }

    @Override
    public long nextWake() {
        return agenda.nextAt();
    }

    @Override
    public void wake(long at, Turn turn) {
        runner.step(at, turn);
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        runner.dropOff(at, turn);
    }

    @Override
    public void save(Memory memory) {
        agenda.all().forEach(ring -> memory.put(Books.RINGS, Long.toString(ring.number()), ring));
        lets.all().forEach(let -> memory.put(Books.LETS, let.key(), let));
    }
}
