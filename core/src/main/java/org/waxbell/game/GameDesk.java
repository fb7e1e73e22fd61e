package org.waxbell.game;

import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.HeadAndEntries;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;

/** Runs games of chance. */
public final class GameDesk extends HeadAndEntries<Game, GameState, GameHead, String, Player> {

    /** The desk. */
    public GameDesk() {
        super(
                "Games of chance",
                Game.class,
                new Heads<>(new Book<>(Game.DESK, GameHead.class), GameState.NEW, GameState::head, GameState::with),
                new Entries<>(new Book<>("player", Player.class), GameState::players, Player::person, GameState::with));
    }

    @Override
    public Answer<GameState> ask(Game game, GameState now, Ask ask, Surroundings evening) {
        GameStep step = new GameStep(game, now, ask.at(), evening);
        return switch (ask.act().name()) {
            case Game.TAKE_UP -> step.takeUp(ask);
            case Game.CALL_OFF -> step.callOff();
            default -> step.play(ask);
        };
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof Fact fact && fact.is(Facts.SHOW_OPENED);
    }

    @Override
    public Answer<GameState> hear(Game game, GameState now, long at, ShowEvent event, Surroundings evening) {
        return Answer.becomes(now.nobody());
    }

    @Override
    public long nextWake(Game game, GameState now) {
        return GameStep.nextWake(game, now);
    }

    @Override
    public Answer<GameState> wake(Game game, GameState now, long at, Surroundings evening) {
        return new GameStep(game, now, at, evening).wake();
    }

    @Override
    public Map<String, Object> values(Game game, GameState now, long at, String person) {
        List<GameHead.Play> plays = now.head().plays();
        return Map.of(
                game.value("Last"),
                plays.isEmpty()
                        ? "nobody"
                        : plays.get(0).name() + ": " + plays.get(0).drawn(),
                game.value("Pot"),
                now.head().holds());
    }

    @Override
    public GameBoard board(Game game, GameState now, long at) {
        long staked = 0;
        long won = 0;
        for (Player each : now.players()) {
            staked += each.staked();
            won += each.won();
        }
        return new GameBoard(
                game.odds(),
                Odd.expected(game.odds()),
                now.head().plays(),
                staked,
                won,
                now.head().offers(),
                now.head().holds(),
                now.head().ends());
    }

    @Override
    public String brief(Game game, GameState now, long at) {
        if (!game.on()) {
            return "is off";
        }
        int played = now.players().size();
        return played == 0 ? "nobody has played yet" : played + (played == 1 ? " has played" : " have played");
    }

    @Override
    public List<String> of(Game game, GameState now, String person) {
        return now.players()
                .get(person)
                .map(each -> List.of("staked " + each.staked() + " and got " + each.won() + " tonight"))
                .orElse(List.of());
    }

    @Override
    public List<Cue> starters(Game game, String about, String rack) {
        return new GameStarters(game, about, rack).all();
    }
}
