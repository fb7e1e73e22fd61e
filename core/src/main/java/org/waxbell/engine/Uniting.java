package org.waxbell.engine;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.waxbell.evening.Joined;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.state.Memory;

/**
 * Joins accounts into one person, and parts them. What is spent of first lines, what stands on the slate, on lists and in
 * queues, and points are the person's from then on; parted, what was spent stays spent for both, so that nothing rings again.
 */
final class Uniting implements Handler {
    private final Handlers handlers;

    Uniting(Handlers handlers) {
        this.handlers = handlers;
    }

    @Override
    public void take(long at, ShowEvent event, Turn turn) {
        if (!(event instanceof Fact fact)) {
            return;
        }
        if (fact.is(Facts.JOINED)) {
            join(at, viewer(fact, "account"), viewer(fact, "person"), turn);
        } else if (fact.is(Facts.PARTED)) {
            part(viewer(fact, "account"), turn);
        }
    }

    private static Viewer viewer(Fact fact, String key) {
        Set<Standing> standings = EnumSet.of(Standing.ANYONE);
        Arrays.stream(fact.text(key + "Standings").split(","))
                .filter(each -> !each.isBlank())
                .forEach(each -> standings.add(Standing.valueOf(each.strip())));
        return new Viewer(fact.text(key), fact.text(key + "Name"), standings, (int) fact.number(key + "Months"));
    }

    private void join(long at, Viewer account, Viewer person, Turn turn) {
        Accounts accounts = handlers.accounts();
        if (accounts.personOf(account.id()).equals(accounts.personOf(person.id()))) {
            turn.refuse(account.name() + " and " + person.name() + " are one person already");
            return;
        }
        if (accounts.of(person) != null || accounts.of(account) != null) {
            turn.refuse("one of both belongs to somebody else already");
            return;
        }
        accounts.join(account, person, turn);
        handlers.points().unite(at, account, person, turn);
        handlers.firstLines().unite(account.id(), person.id(), turn);
        handlers.ranks().unite(account, person, turn);
        handlers.slate().unite(account.id(), person.id(), turn);
        handlers.desks().unite(account, person, turn);
        turn.moved();
    }

    private void part(Viewer account, Turn turn) {
        Joined as = handlers.accounts().of(account);
        if (as == null) {
            turn.refuse(account.name() + " belongs to nobody else");
            return;
        }
        handlers.accounts().part(account.id(), turn);
        handlers.firstLines().unite(as.person().id(), account.id(), turn);
        turn.moved();
    }

    @Override
    public void save(Memory memory) {
        handlers.accounts().save(memory);
    }
}
