package org.waxbell.extension;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Origin;
import org.waxbell.desk.Answer;
import org.waxbell.desk.DeskReport;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.directive.CallWeb;
import org.waxbell.directive.Directive;
import org.waxbell.directive.RunScript;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;

/** What becomes of what one call of a script wants: what it was let do is done, the rest is said. */
final class Did {
    private static final int LONGEST_LINE = 400;
    private static final int LONGEST_KEY = 100;
    private static final int MOST = 20;
    private static final long MOST_POINTS = 1_000_000;
    private static final long CALL_LIMIT = 10_000;
    private final Extension extension;
    private final Call call;
    private final long at;
    private final String home;
    private final List<String> done = new ArrayList<>();
    private final List<String> left = new ArrayList<>();
    private final List<Fact> facts = new ArrayList<>();
    private final List<PointsMove> points = new ArrayList<>();
    private final List<Directive> directives = new ArrayList<>();

    /** @param home the chat for what came from none, empty text for none */
    Did(Extension extension, Call call, long at, String home) {
        this.home = home;
        this.extension = extension;
        this.call = call;
        this.at = at;
    }

    static Actor actor(Extension extension) {
        return new Actor(Origin.EXTENSION, extension.id());
    }

    static RunScript running(Extension extension, ExtensionStore store, Call call, String run, long at) {
        return new RunScript(
                run,
                at,
                extension.id(),
                extension.code(),
                call.function(),
                call.event(),
                extension.read(),
                extension.may(Permission.KEEP) ? store.notes() : Map.of(),
                0);
    }

    static List<Directive> more(List<Directive> some, Directive another) {
        List<Directive> all = new ArrayList<>(some);
        all.add(another);
        return all;
    }

    /** Does all that is wanted. @param now how it stands when the call is over */
    Answer<ExtensionState> all(ExtensionState now, List<Wish> wishes) {
        ExtensionState next = now;
        for (Wish wish : wishes) {
            if (facts.size() + points.size() + directives.size() >= MOST) {
                left.add("more than " + MOST + " things at once");
                break;
            }
            next = one(next, wish);
        }
        List<Fact> told = new ArrayList<>();
        if (!done.isEmpty() || !left.isEmpty()) {
            told.add(DeskFacts.EXTENSION_DID.about(
                    actor(extension),
                    call.by(),
                    extension.name(),
                    call.says(),
                    String.join(", ", done),
                    String.join("; ", left)));
        }
        told.addAll(facts);
        return Answer.becomes(next).telling(told).moving(points).directing(directives);
    }

    private ExtensionState one(ExtensionState now, Wish wish) {
        switch (wish.act()) {
            case Wish.SAY -> say(wish);
            case Wish.POINTS -> movePoints(wish);
            case Wish.SLATE -> slate(wish);
            case Wish.TELL -> tell(wish);
            case Wish.KEEP -> {
                return keep(now, wish);
            }
            case Wish.FORGET -> {
                return now.with(now.store().without(wish.text("key")));
            }
            case Wish.CALL -> {
                return call(now, wish);
            }
            default -> left.add(wish.act() + " is nothing that can be done");
        }
        return now;
    }

    private boolean may(Permission permission) {
        if (!extension.may(permission)) {
            String refused = "it did not ask whether it " + permission.inWords();
            if (!left.contains(refused)) {
                left.add(refused);
            }
        }
        return extension.may(permission);
    }

    private void say(Wish wish) {
        String text = OneLine.of(wish.text("text"), LONGEST_LINE);
        String chat = call.link().isEmpty() ? home : call.link();
        if (text.isEmpty() || !may(Permission.SAY)) {
            return;
        }
        if (chat.isEmpty()) {
            left.add("there is no chat to say it in");
            return;
        }
        done.add("says something");
        facts.add(Facts.SAID.by(actor(extension), chat, wish.text("to"), text));
    }

    private void movePoints(Wish wish) {
        Long amount = number(wish.text("amount"));
        String person = wish.text("person");
        if (!may(Permission.POINTS)) {
            return;
        }
        if (amount == null || amount == 0 || Math.abs(amount) > MOST_POINTS || person.isEmpty()) {
            left.add("nobody, or no whole number of points, is named in " + wish.with());
            return;
        }
        done.add((amount > 0 ? "gives " : "takes ") + Math.abs(amount) + " points");
        String why = OneLine.of(wish.text("why"), LONGEST_KEY);
        points.add(new PointsMove(person, amount, extension.name() + (why.isEmpty() ? "" : ": " + why)));
    }

    private void slate(Wish wish) {
        if (may(Permission.SLATE)) {
            done.add("writes " + wish.text("value") + " on the slate");
            facts.add(Facts.SLATE_WRITTEN.by(
                    actor(extension),
                    wish.text("value"),
                    wish.text("person"),
                    OneLine.of(wish.text("text"), LONGEST_LINE)));
        }
    }

    private void tell(Wish wish) {
        if (may(Permission.RING)) {
            Long number = number(wish.text("number"));
            done.add("tells " + wish.text("word"));
            facts.add(DeskFacts.EXTENSION_TELLS.about(
                    actor(extension),
                    call.by(),
                    extension.name(),
                    OneLine.of(wish.text("word"), LONGEST_KEY),
                    OneLine.of(wish.text("text"), LONGEST_LINE),
                    number == null ? 0L : number));
        }
    }

    private ExtensionState keep(ExtensionState now, Wish wish) {
        if (!may(Permission.KEEP)) {
            return now;
        }
        ExtensionStore next = now.store().with(wish.text("key"), wish.text("text"));
        if (wish.text("key").isEmpty() || wish.text("key").length() > LONGEST_KEY) {
            left.add("the name of a note has from 1 to " + LONGEST_KEY + " characters");
            return now;
        }
        if (next.size() > ExtensionStore.MOST) {
            left.add("its notes would be more than " + ExtensionStore.MOST + " characters");
            return now;
        }
        return now.with(next);
    }

    private ExtensionState call(ExtensionState now, Wish wish) {
        if (!may(Permission.CALL)) {
            return now;
        }
        String link = wish.text("link");
        if (!extension.calls().contains(link)) {
            left.add("the address " + link + " is none of those that it said it calls");
            return now;
        }
        if (now.calls().size() >= ExtensionState.MOST_CALLS) {
            left.add("it waits for " + ExtensionState.MOST_CALLS + " addresses already");
            return now;
        }
        String run = DeskReport.run(extension.id(), at + "-call" + directives.size());
        String type = wish.text("type");
        directives.add(new CallWeb(
                run,
                at,
                link,
                type.isEmpty() ? "waxbell.extension" : type,
                false,
                wish.below(Wish.FIELD),
                wish.below(Wish.READ),
                CALL_LIMIT));
        done.add("calls " + link);
        return now.calls(run, wish.text("tag"));
    }

    private static @Nullable Long number(String text) {
        return text.matches("-?\\d{1,15}") ? Long.valueOf(text) : null;
    }
}
