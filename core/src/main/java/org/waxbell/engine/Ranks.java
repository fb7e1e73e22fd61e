package org.waxbell.engine;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.evening.Scored;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.state.Memory;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.Circle.By;
import org.waxbell.wiring.CueBook;

/** Who did most tonight, as far as a circle asks for it. */
final class Ranks implements Handler {
    private final Map<By, Map<String, Scored>> sums = new EnumMap<>(By.class);
    private final Map<String, Circle> ruled = new HashMap<>();
    private final Set<By> asked = new HashSet<>();
    /** Who is in a circle now, as long as no sum has changed since. */
    private final Map<String, Set<String>> in = new HashMap<>();

    Ranks(Memory memory, CueBook book) {
        memory.all(Books.SCORES).forEach(each -> of(each.by()).put(each.person(), each));
        define(book);
    }

    private Map<String, Scored> of(By by) {
        return sums.computeIfAbsent(by, key -> new HashMap<>());
    }

    private void define(CueBook book) {
        ruled.clear();
        asked.clear();
        in.clear();
        for (Circle each : book.wiring().house().circles()) {
            if (each.by() != By.HAND && !each.by().isKept()) {
                ruled.put(each.id(), each);
                asked.add(each.by());
            }
        }
    }

    @Override
    public boolean takesLines() {
        return true;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (event instanceof ChatLine line) {
            if (asked.contains(By.WROTE)) {
                add(at, By.WROTE, line.viewer(), 1, turn);
            }
        } else if (event instanceof Fact fact) {
            if (fact.is(Facts.SHOW_OPENED)) {
                sums.clear();
                in.clear();
                turn.changed(Books.SCORES.goneBelow(""));
            } else if (Facts.worth(fact) > 0) {
                long worth = Facts.worth(fact);
                // It is counted also while no circle asks, for one may be made in the middle of a show.
                fact.by().ifPresent(who -> add(at, By.GAVE, who, worth, turn));
            }
        }
    }

    private void add(long at, By by, Viewer who, long more, Turn turn) {
        Scored before = of(by).get(who.id());
        Scored now = new Scored(by, who.id(), who.name(), (before == null ? 0 : before.sum()) + more, at);
        of(by).put(who.id(), now);
        in.clear();
        turn.changed(Books.SCORES.put(now.key(), now));
    }

    void unite(Viewer account, Viewer person, Turn turn) {
        sums.values().forEach(of -> {
            Scored theirs = of.remove(account.id());
            if (theirs != null) {
                turn.changed(Books.SCORES.gone(theirs.key()));
                add(theirs.at(), theirs.by(), person, theirs.sum(), turn);
            }
        });
    }

    boolean inCircle(String circle, Viewer viewer) {
        Circle rule = ruled.get(circle);
        return rule != null && in.computeIfAbsent(circle, id -> members(rule)).contains(viewer.id());
    }

    private Set<String> members(Circle rule) {
        Set<String> all = new HashSet<>();
        List<Scored> first = Scored.first(of(rule.by()).values(), rule.first());
        first.forEach(each -> all.add(each.person()));
        return all;
    }

    @Override
    public void rewire(CueBook next, long at, Turn turn) {
        define(next);
    }

    @Override
    public void save(Memory memory) {
        sums.values().forEach(each -> each.values().forEach(one -> memory.put(Books.SCORES, one.key(), one)));
    }
}
