package org.waxbell.engine;

import java.util.List;
import org.waxbell.evening.Came;
import org.waxbell.evening.Circled;
import org.waxbell.evening.Evening;
import org.waxbell.evening.Joined;
import org.waxbell.evening.Scored;
import org.waxbell.evening.Shut;
import org.waxbell.evening.Spent;
import org.waxbell.evening.TargetState;
import org.waxbell.gate.Let;
import org.waxbell.points.LedgerEntry;
import org.waxbell.points.Pending;
import org.waxbell.slate.SlateEntry;
import org.waxbell.state.Book;

/** The books that the engine keeps itself; each desk has one more. */
public final class Books {
    /** Rings that wait or play, and how those that are over ended, by number. */
    public static final Book<Ring> RINGS = new Book<>("ring", Ring.class);
    /** What was let through the gates, by number of the ring; put together by {@code cue/person} once it cannot be taken back. */
    public static final Book<Let> LETS = new Book<>("let", Let.class);
    /** What chance fell on last, by {@code cue/purpose}. */
    public static final Book<String> DRAWN = new Book<>("drawn", String.class);
    /** How the evening stands; one entry. */
    public static final Book<Evening> EVENING = new Book<>("evening", Evening.class);
    /** When timed pulls came last, by {@code cue/pull}. */
    public static final Book<Came> CAME = new Book<>("came", Came.class);
    /** What stands on the slate, by {@code value/person}. */
    public static final Book<SlateEntry> SLATE = new Book<>("slate", SlateEntry.class);
    /** How targets stand, by {@code KIND/name}. */
    public static final Book<TargetState> TARGETS = new Book<>("target", TargetState.class);
    /** First lines tonight that are spent, by {@code cue/person}. */
    public static final Book<Spent> SPENT = new Book<>("spent", Spent.class);
    /** Who was ever seen, by keys of their names; the values say nothing. */
    public static final Book<Long> KNOWN = Book.ofEveryone("known");
    /** Those of them who were seen first in the show that is open, or since the last one. */
    public static final Book<Long> NEWCOMERS = new Book<>("newcomer", Long.class);
    /** How much somebody did tonight, as far as circles ask for it, by {@code WHAT/person}. */
    public static final Book<Scored> SCORES = new Book<>("score", Scored.class);
    /** Accounts that belong to somebody who has another one, by their identities. */
    public static final Book<Joined> JOINED = new Book<>("joined", Joined.class);
    /** Who is in a circle by what is kept of them, by {@code circle/person}. */
    public static final Book<Circled> CIRCLED = new Book<>("circled", Circled.class);
    /** How the shutters stand; one entry. */
    public static final Book<Shut> SHUTTERS = new Book<>("shutters", Shut.class);
    /** Every movement of points, by its number. */
    public static final Book<LedgerEntry> ENTRIES = new Book<>("ledger", LedgerEntry.class);
    /** What entries add up to where they are not all at hand, by key of identity. */
    public static final Book<Long> BALANCES = Book.ofEveryone("balance");
    /** Prices that are promised, by number of the ring. */
    public static final Book<Pending> PENDING = new Book<>("pending", Pending.class);

    private static final List<Book<?>> OWN = List.of(
            RINGS, LETS, DRAWN, EVENING, CAME, SLATE, TARGETS, SPENT, KNOWN, NEWCOMERS, SCORES, JOINED, CIRCLED,
            SHUTTERS, ENTRIES, BALANCES, PENDING);

    private Books() {}

    /** All of them. */
    public static List<Book<?>> own() {
        return OWN;
    }
}
