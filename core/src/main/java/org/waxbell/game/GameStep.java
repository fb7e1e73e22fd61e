package org.waxbell.game;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.desk.Whom;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Viewer;
import org.waxbell.game.Game.Sort;
import org.waxbell.game.GameHead.Offer;
import org.waxbell.game.GameHead.Play;
import org.waxbell.gate.Surroundings;
import org.waxbell.prize.Entrant;
import org.waxbell.prize.FairDraw;
import org.waxbell.time.Spans;

/** One step of one game. */
final class GameStep {
    private static final int MOST_OFFERS = 50;
    private static final int MOST_IN_POT = 500;
    private final Game game;
    private final long at;
    private final Surroundings evening;
    private final Map<String, String> with = new HashMap<>();
    private final List<PointsMove> moves = new ArrayList<>();
    private final List<Fact> told = new ArrayList<>();
    private GameState now;

    GameStep(Game game, GameState now, long at, Surroundings evening) {
        this.game = game;
        this.now = now;
        this.at = at;
        this.evening = evening;
        with.put("game", game.name());
        with.put("least", evening.points(game.least()));
        with.put("most", evening.points(game.most()));
        with.put("bound", evening.points(game.mostAShow()));
        with.put("threshold", evening.points(game.threshold()));
        with.put("time", Spans.inWords(game.waitMs()));
        with.put("sample", Integer.toString(Math.min(game.most(), Math.max(game.least(), 10))));
    }

    private String filled(String pattern) {
        return AnswerWords.filled(pattern, with);
    }

    private Answer<GameState> refused(String outcome, String pattern) {
        return Answer.refused(now, outcome, filled(pattern));
    }

    private Answer<GameState> done(String outcome, String says) {
        return Answer.done(now, outcome, says, Map.of()).moving(moves).telling(told);
    }

    private Player player(String person, String name) {
        return now.players().get(person).orElse(new Player(person, name, 0, 0));
    }

    private void stake(String person, String name, long stake) {
        moves.add(new PointsMove(person, -stake, game.name()));
        now = now.with(player(person, name).with(stake, 0));
    }

    private void wins(String person, String name, long stake, String drawn, long won, Actor by) {
        if (won > 0) {
            moves.add(new PointsMove(person, won, game.name() + ": " + drawn));
            now = now.with(player(person, name).with(0, won));
        }
        now = now.with(now.head().played(new Play(at, name, stake, drawn, won)));
        told.add(DeskFacts.GAME_PLAYED.by(by, game.name(), name, drawn, stake, won));
        with.put("winner", name);
        with.put("drawn", drawn);
        with.put("stake", evening.points(stake));
        with.put("prize", evening.points(won));
    }

    private void back(String person, String name, long stake) {
        moves.add(new PointsMove(person, stake, game.name() + ", given back"));
        now = now.with(player(person, name).with(-stake, 0));
    }

    Answer<GameState> play(Ask ask) {
        Optional<Viewer> viewer = ask.viewer();
        with.put("viewer", viewer.map(Viewer::name).orElse(""));
        if (viewer.isEmpty()) {
            return Answer.refused(now, "nobody", "A viewer plays, for points of their own.");
        }
        if (!game.on()) {
            return refused("off", game.answers().off());
        }
        String line = OneLine.of(ask.text(Game.STAKE));
        // A duel names whom first.
        int gap = game.sort() == Sort.DUEL ? line.lastIndexOf(' ') : line.indexOf(' ');
        String number = game.sort() == Sort.DUEL ? line.substring(gap + 1) : gap < 0 ? line : line.substring(0, gap);
        String rest = gap < 0 ? "" : game.sort() == Sort.DUEL ? line.substring(0, gap) : line.substring(gap + 1);
        if (!number.matches("\\d{1,7}")) {
            return refused("stake", game.answers().stake());
        }
        return play(ask, viewer.get(), Long.parseLong(number), rest.strip());
    }

    private Answer<GameState> play(Ask ask, Viewer who, long stake, String rest) {
        with.put("stake", evening.points(stake));
        with.put("points", evening.points(evening.canSpend(who.id())));
        if (stake < game.least() || stake > game.most()) {
            return refused("stake", game.answers().stake());
        }
        if (stake > evening.canSpend(who.id())) {
            return refused("tooFew", game.answers().tooFew());
        }
        if (player(who.id(), who.name()).staked() + stake > game.mostAShow()) {
            return refused("enough", game.answers().enough());
        }
        return switch (game.sort()) {
            case DUEL -> challenge(who, Whom.of(rest), stake);
            case POT -> put(ask, who, stake);
            default -> alone(ask, who, stake, rest);
        };
    }

    private Answer<GameState> alone(Ask ask, Viewer who, long stake, String guess) {
        Rules rules = game.rules();
        String wanted = rules.refuses(guess);
        if (!wanted.isEmpty()) {
            with.put("wanted", wanted);
            return refused("guess", game.answers().guess());
        }
        Rules.Played played = rules.play(ask.lots(), guess);
        stake(who.id(), who.name(), stake);
        wins(who.id(), who.name(), stake, played.says(), stake * played.pays(), ask.by());
        return played.pays() > 0
                ? done("won", filled(game.answers().won()))
                : done("lost", filled(game.answers().lost()));
    }

    private Answer<GameState> challenge(Viewer who, Whom whom, long stake) {
        with.put("wanted", "whom you challenge, and the stake behind the name");
        boolean offers =
                now.head().offers().stream().anyMatch(each -> each.person().equals(who.id()));
        if (whom.name().isEmpty()
                || whom.is(who.name())
                || offers
                || now.head().offers().size() >= MOST_OFFERS) {
            return refused("guess", game.answers().guess());
        }
        with.put("name", whom.name());
        stake(who.id(), who.name(), stake);
        List<Offer> more = new ArrayList<>(now.head().offers());
        more.add(new Offer(who.id(), who.name(), whom.name(), stake, at));
        now = now.with(now.head().offering(more));
        return done("offered", filled(game.answers().offered()));
    }

    /** Takes up the oldest challenge that is for who asks. */
    Answer<GameState> takeUp(Ask ask) {
        Optional<Viewer> viewer = ask.viewer();
        with.put("viewer", viewer.map(Viewer::name).orElse(""));
        Optional<Offer> offer = viewer.flatMap(who -> now.head().offers().stream()
                .filter(each -> Whom.of(each.to()).is(who.name()))
                .findFirst());
        if (viewer.isEmpty() || offer.isEmpty()) {
            return refused("noOffer", game.answers().noOffer());
        }
        Viewer who = viewer.get();
        Offer taken = offer.get();
        with.put("points", evening.points(evening.canSpend(who.id())));
        if (taken.stake() > evening.canSpend(who.id())) {
            return refused("tooFew", game.answers().tooFew());
        }
        stake(who.id(), who.name(), taken.stake());
        without(taken);
        boolean challenger = ask.lots().below("duel", 2) == 0;
        String winner = challenger ? taken.name() : who.name();
        String drawn = taken.name() + " against " + who.name();
        wins(challenger ? taken.person() : who.id(), winner, taken.stake(), drawn, 2 * taken.stake(), ask.by());
        return done("won", filled(game.answers().won()));
    }

    private void without(Offer offer) {
        List<Offer> left = new ArrayList<>(now.head().offers());
        left.remove(offer);
        now = now.with(now.head().offering(left));
    }

    private Answer<GameState> put(Ask ask, Viewer who, long stake) {
        GameHead head = now.head();
        if (head.pot().size() >= MOST_IN_POT) {
            return refused("enough", game.answers().enough());
        }
        stake(who.id(), who.name(), stake);
        List<Entrant> more = new ArrayList<>(head.pot());
        more.add(new Entrant(who.id(), who.name(), more.size() + 1, (int) stake, stake));
        boolean first = head.pot().isEmpty();
        now = now.with(now.head()
                .pot(more, first ? FairDraw.seed(ask.lots()) : head.seed(), first ? at + game.waitMs() : head.ends()));
        with.put("pot", evening.points(now.head().holds()));
        return done("put", filled(game.answers().put()));
    }

    /** The first moment at which something is over. */
    static long nextWake(Game game, GameState now) {
        long offers = now.head().offers().stream()
                .mapToLong(each -> each.at() + game.waitMs())
                .min()
                .orElse(Long.MAX_VALUE);
        return Math.min(
                offers, now.head().ends() == 0 ? Long.MAX_VALUE : now.head().ends());
    }

    Answer<GameState> wake() {
        for (Offer each : now.head().offers()) {
            if (each.at() + game.waitMs() <= at) {
                back(each.person(), each.name(), each.stake());
                without(each);
            }
        }
        GameHead head = now.head();
        if (head.ends() > 0 && head.ends() <= at) {
            Optional<Entrant> won =
                    head.holds() >= game.threshold() ? FairDraw.draw(head.seed(), 1, head.pot()) : Optional.empty();
            if (won.isEmpty()) {
                head.pot().forEach(each -> back(each.person(), each.name(), each.paid()));
            }
            now = now.with(now.head().pot(List.of(), "", 0));
            won.ifPresent(each -> wins(
                    each.person(),
                    each.name(),
                    each.paid(),
                    "the pot of " + head.pot().size(),
                    head.holds(),
                    Actor.PROGRAM));
        }
        return Answer.becomes(now).moving(moves).telling(told);
    }

    /** Everything that stands is called off. */
    Answer<GameState> callOff() {
        now.head().offers().forEach(each -> back(each.person(), each.name(), each.stake()));
        now.head().pot().forEach(each -> back(each.person(), each.name(), each.paid()));
        now = now.with(now.head().offering(List.of()).pot(List.of(), "", 0));
        return done("back", filled(game.answers().back()));
    }
}
