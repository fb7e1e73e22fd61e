package org.waxbell.earning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.desk.Whom;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;

/** One step of how points are earned. */
final class EarningStep {
    /** A person whose presence was noted so lately is not noted again, unless a line of theirs is paid. */
    private static final long NOTED_MS = 30_000;

    private static final int RICHEST = 5;
    private static final long WHOLE = 100;
    private final Earning earning;
    private final long at;
    private final Surroundings evening;
    private final List<PointsMove> moves = new ArrayList<>();
    private EarningState now;

    EarningStep(Earning earning, EarningState now, long at, Surroundings evening) {
        this.earning = earning;
        this.now = now;
        this.at = at;
        this.evening = evening;
    }

    private void earn(String person, long amount, String why) {
        if (amount > 0) {
            moves.add(new PointsMove(person, amount, why));
            now = now.with(now.head().paying(amount));
        }
    }

    private Answer<EarningState> becomes() {
        return Answer.becomes(now).moving(moves);
    }

    Answer<EarningState> line(Viewer who) {
        if (!evening.showOpen()) {
            return Answer.nothing(now);
        }
        boolean member = who.standings().contains(Standing.MEMBER);
        Present before = now.present().get(who.id()).orElse(new Present(who.id(), who.name(), member, 0, 0, 0));
        boolean pays = earning.line() > 0 && before.lines() < earning.mostLines();
        if (now.head().first().isEmpty() && !who.standings().contains(Standing.HOST)) {
            now = now.with(now.head().firstIs(who.name()));
            earn(who.id(), earning.first(), "first tonight");
        }
        if (pays || at - before.at() >= NOTED_MS) {
            now = now.with(before.wrote(at, who.name(), member, pays ? 1 : 0));
        }
        if (pays) {
            earn(who.id(), earning.line(), "a line");
        }
        return becomes();
    }

    Answer<EarningState> show(boolean opens) {
        now = now.with(
                opens
                        ? EarningHead.NEW.nextAt(at + earning.everyMs())
                        : now.head().nextAt(0));
        return Answer.becomes(opens ? now.nobody() : now);
    }

    Answer<EarningState> event(Fact fact) {
        String who = fact.by().map(Viewer::id).orElse("");
        if (who.isEmpty()) {
            return Answer.nothing(now);
        }
        if (fact.is(Facts.FOLLOW)) {
            earn(who, earning.follow(), "a follow");
        } else if (fact.is(Facts.MEMBERSHIP)) {
            earn(who, earning.membership(), "a membership");
        } else if (fact.is(Facts.GIFT)) {
            earn(who, earning.gift() * (fact.number("worth") * fact.number("count")) / WHOLE, "a gift");
        } else if (fact.is(Facts.TIP)) {
            earn(who, earning.tip() * (fact.number("cents") / WHOLE), "a tip");
        } else if (fact.is(Facts.ARRIVAL)) {
            earn(who, earning.arrival(), "an arrival");
        } else {
            earn(who, earning.clip(), fact.is(Facts.CLIP) ? "a clip made" : "a clip shared");
        }
        return becomes();
    }

    /** Presence is paid. */
    Answer<EarningState> pay() {
        if (!earning.onAir() || evening.onAir()) {
            for (Present each : here()) {
                long share = each.member() ? earning.member() : WHOLE;
                earn(each.person(), earning.presence() * share / WHOLE, "presence");
            }
        }
        for (Present each : now.present()) {
            if (each.lines() > 0) {
                now = now.with(each.anew());
            }
        }
        now = now.with(now.head().nextAt(now.head().next() + earning.everyMs()).with(richest()));
        return becomes();
    }

    /** Who counts as present. */
    List<Present> here() {
        List<Present> all = new ArrayList<>();
        for (Present each : now.present()) {
            if (at - each.at() <= earning.withinMs()) {
                all.add(each);
            }
        }
        return all;
    }

    private List<EarningHead.Rich> richest() {
        List<EarningHead.Rich> all = new ArrayList<>();
        for (Present each : now.present()) {
            long has = evening.canSpend(each.person());
            if (has > 0) {
                all.add(new EarningHead.Rich(each.name(), has));
            }
        }
        all.sort(Comparator.comparingLong(EarningHead.Rich::points).reversed().thenComparing(EarningHead.Rich::name));
        return all.subList(0, Math.min(RICHEST, all.size()));
    }

    /** Those who have most, in words. */
    static String inWords(List<EarningHead.Rich> top) {
        return top.isEmpty()
                ? "nobody has any yet"
                : top.stream().map(each -> each.name() + " " + each.points()).collect(Collectors.joining(", "));
    }

    private Answer<EarningState> refused(String outcome, String pattern, Map<String, String> with) {
        return Answer.refused(now, outcome, AnswerWords.filled(pattern, with));
    }

    Answer<EarningState> ask(Ask ask) {
        Map<String, String> with = new HashMap<>();
        ask.viewer().ifPresent(who -> {
            with.put("viewer", who.name());
            with.put("points", evening.points(evening.canSpend(who.id())));
        });
        return switch (ask.act().name()) {
            case Earning.MINE -> mine(ask, with);
            case Earning.TOP -> top(with);
            case Earning.GIVE -> give(ask, with);
            case Earning.GRANT -> grant(ask);
            default -> all(ask);
        };
    }

    private Answer<EarningState> mine(Ask ask, Map<String, String> with) {
        return ask.viewer().isEmpty()
                ? Answer.refused(now, "nobody", "Whose? Only a viewer has some of their own.")
                : Answer.done(now, "said", AnswerWords.filled(earning.answers().mine(), with), Map.of());
    }

    private Answer<EarningState> top(Map<String, String> with) {
        now = now.with(now.head().with(richest()));
        with.put("top", inWords(now.head().top()));
        return Answer.done(now, "said", AnswerWords.filled(earning.answers().top(), with), Map.of());
    }

    private Answer<EarningState> give(Ask ask, Map<String, String> with) {
        if (ask.viewer().isEmpty()) {
            return Answer.refused(now, "nobody", "A viewer gives of their own. To give as the host, grant.");
        }
        Viewer giver = ask.viewer().get();
        // In chat the number stands behind the name.
        String written = OneLine.of(ask.text("name") + " " + ask.text("amount"));
        int gap = written.lastIndexOf(' ');
        Whom whom = Whom.of(gap < 0 ? written : written.substring(0, gap));
        String number = gap < 0 ? "" : written.substring(gap + 1);
        with.put("name", whom.name().isEmpty() ? "nobody" : whom.name());
        with.put(
                "most",
                evening.points(earning.mostAtOnce()) + " at once and " + evening.points(earning.mostAShow())
                        + " a show");
        if (!number.matches("\\d{1,18}") || number.matches("0+")) {
            return refused("notThat", earning.answers().notThat(), with);
        }
        return give(giver, whom, Long.parseLong(number), with, ask);
    }

    private Answer<EarningState> give(Viewer giver, Whom whom, long amount, Map<String, String> with, Ask ask) {
        with.put("amount", evening.points(amount));
        if (whom.is(giver.name())) {
            return refused("toSelf", earning.answers().toSelf(), with);
        }
        Optional<Present> other = now.called(whom);
        if (other.isEmpty()) {
            return refused("unknown", earning.answers().unknown(), with);
        }
        Present own = now.present().get(giver.id()).orElse(new Present(giver.id(), giver.name(), false, at, 0, 0));
        if (amount > earning.mostAtOnce() || own.gave() + amount > earning.mostAShow()) {
            return refused("tooMuch", earning.answers().tooMuch(), with);
        }
        if (amount > evening.canSpend(giver.id())) {
            return refused("tooFew", earning.answers().tooFew(), with);
        }
        with.put("name", other.get().name());
        now = now.with(own.giving(amount));
        return Answer.done(now, "gave", AnswerWords.filled(earning.answers().gave(), with), Map.of())
                .moving(List.of(
                        new PointsMove(
                                giver.id(), -amount, "given to " + other.get().name()),
                        new PointsMove(other.get().person(), amount, "given by " + giver.name())))
                .telling(List.of(DeskFacts.POINTS_GIVEN.about(
                        ask.by(),
                        Optional.of(giver),
                        earning.name(),
                        other.get().name(),
                        amount)));
    }

    private Optional<Long> amount(Ask ask) {
        String written = ask.text("amount").strip();
        if (!written.matches("-?\\d{1,10}")) {
            return Optional.empty();
        }
        long amount = Long.parseLong(written);
        return amount == 0 || Math.abs(amount) > Earning.MOST ? Optional.empty() : Optional.of(amount);
    }

    private Answer<EarningState> notThat(Ask ask) {
        return Answer.refused(
                now,
                "notThat",
                "\"" + OneLine.of(ask.text("amount"), 20) + "\" is no whole number other than 0, up to " + Earning.MOST
                        + ". Write one such as 10 or -10.");
    }

    private String why(Ask ask) {
        String why = OneLine.of(ask.text("why"));
        return (why.isEmpty() ? "without a reason" : why) + ", by " + ask.by().inWords();
    }

    /** Gives somebody, or takes; who was not here tonight is named by identity. */
    private Answer<EarningState> grant(Ask ask) {
        Optional<Long> amount = amount(ask);
        if (amount.isEmpty()) {
            return notThat(ask);
        }
        Whom whom = Whom.of(ask.text("name"));
        Optional<Present> who = now.called(whom);
        if (who.isEmpty() && !whom.name().matches("[a-z0-9-]+:.+")) {
            return Answer.refused(now, "unknown", whom.unknown("was not here tonight. People has everybody."));
        }
        String person = who.map(Present::person).orElse(whom.name());
        String name = who.map(Present::name).orElse(person.substring(person.indexOf(':') + 1));
        long moved = Math.max(amount.get(), -evening.canSpend(person));
        return Answer.done(
                        now,
                        "granted",
                        moved == 0
                                ? name + " has none to take."
                                : name + (moved > 0 ? " gets " : " loses ") + evening.points(Math.abs(moved)) + ".",
                        Map.of())
                .moving(List.of(new PointsMove(person, amount.get(), why(ask))));
    }

    private Answer<EarningState> all(Ask ask) {
        Optional<Long> amount = amount(ask);
        if (amount.isEmpty()) {
            return notThat(ask);
        }
        String circle = ask.text("circle").strip();
        List<Present> whom = here().stream()
                .filter(each -> circle.isEmpty()
                        || evening.inCircle(circle, new Viewer(each.person(), each.name(), Set.of(), 0)))
                .toList();
        String who = circle.isEmpty() ? "all who are here" : evening.circleName(circle);
        return whom.isEmpty()
                ? Answer.refused(now, "nobody", "Nobody of " + who + " is present.")
                : Answer.done(
                                now,
                                "granted",
                                whom.size() + (whom.size() == 1 ? " person" : " people")
                                        + (amount.get() > 0 ? " get " : " lose ")
                                        + evening.points(Math.abs(amount.get())) + " each.",
                                Map.of())
                        .moving(whom.stream()
                                .map(each -> new PointsMove(each.person(), amount.get(), why(ask)))
                                .toList());
    }
}
