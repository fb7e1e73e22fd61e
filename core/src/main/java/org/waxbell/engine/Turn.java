package org.waxbell.engine;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.directive.Directive;
import org.waxbell.event.ShowEvent;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.state.Change;

/** One input on its way through the handlers: collects what comes of it, and what is to be said of the event in hand. */
final class Turn {
    private final List<Decision> decisions = new ArrayList<>(1);
    /** Most lines lead to neither, so these are made when something comes. */
    private @Nullable List<Directive> directives;

    private @Nullable List<Change> changes;
    private @Nullable Deque<FollowUp> followUps;
    private boolean facesMoved;
    private long decision;
    private int depth;
    private String note = "";
    private List<CueAnswer> answers = List.of();
    private boolean settled;
    private boolean asks = true;
    private boolean told;

    /** An event that something within this input led to. @param depth how many led to one another */
    record FollowUp(ShowEvent event, int depth) {}

    /** The handlers are about to take an event. @param number of the decision that it would have @param told whether it is told even where no cue answers */
    void begin(long number, int deep, boolean toTell) {
        decision = number;
        depth = deep;
        note = "";
        answers = List.of();
        settled = false;
        asks = true;
        told = toTell;
    }

    /** The number of the decision on the event in hand. */
    long decision() {
        return decision;
    }

    /** How many events led to the one in hand, 0 for one from outside. */
    int depth() {
        return depth;
    }

    /** Nobody else takes the event; what is to be said of it. */
    void settle(String why) {
        settled = true;
        told = true;
        note = why;
    }

    /** What was wanted is not done, and why; it is told like any other event. */
    void refuse(String why) {
        settled = true;
        note = why;
    }

    boolean isSettled() {
        return settled;
    }

    /** Cues are not asked, for the event is no news. */
    void noNews() {
        asks = false;
    }

    boolean asksCues() {
        return asks;
    }

    void says(String what) {
        note = what;
    }

    String note() {
        return note;
    }

    void answered(List<CueAnswer> by) {
        answers = by;
        told = told || !by.isEmpty();
    }

    List<CueAnswer> answers() {
        return answers;
    }

    boolean isTold() {
        return told;
    }

    void follows(ShowEvent event, int deep) {
        if (followUps == null) {
            followUps = new ArrayDeque<>(4);
        }
        followUps.addLast(new FollowUp(event, deep));
    }

    @Nullable
    FollowUp nextFollowUp() {
        return followUps == null ? null : followUps.pollFirst();
    }

    /** What fixtures read has moved. */
    void moved() {
        facesMoved = true;
    }

    boolean facesMoved() {
        return facesMoved;
    }

    void decided(Decision made) {
        decisions.add(made);
    }

    void directed(Directive directive) {
        if (directives == null) {
            directives = new ArrayList<>();
        }
        directives.add(directive);
    }

    void changed(Change change) {
        if (changes == null) {
            changes = new ArrayList<>();
        }
        changes.add(change);
    }

    Outcome outcome() {
        return new Outcome(
                List.copyOf(decisions),
                directives == null ? List.of() : List.copyOf(directives),
                changes == null ? List.of() : List.copyOf(changes));
    }
}
