package org.waxbell.engine;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.directive.Directive;
import org.waxbell.event.ShowEvent;
import org.waxbell.journal.Decision;

/** What one input led to: decisions, directives and changes of state, each in order. */
public record Outcome(List<Decision> decisions, List<Directive> directives, List<Change> changes) {
    /** The outcome of an input that led to nothing. */
    public static final Outcome NOTHING = new Outcome(List.of(), List.of(), List.of());

    /** Whether nothing happened at all. */
    public boolean isEmpty() {
        return decisions.isEmpty() && directives.isEmpty() && changes.isEmpty();
    }

    /** Collects an outcome while the engine works. */
    static final class Builder {
        private final List<Decision> decisions = new ArrayList<>(1);
        private final List<Directive> directives = new ArrayList<>();
        private final List<Change> changes = new ArrayList<>();
        private @Nullable Deque<FollowUp> followUps;
        private boolean facesMoved;

        /** An event that something within this input led to. @param depth how many led to one another */
        record FollowUp(ShowEvent event, int depth) {}

        void follows(ShowEvent event, int depth) {
            if (followUps == null) {
                followUps = new ArrayDeque<>(4);
            }
            followUps.addLast(new FollowUp(event, depth));
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

        void decided(Decision decision) {
            decisions.add(decision);
        }

        void directed(Directive directive) {
            directives.add(directive);
        }

        void changed(Change change) {
            changes.add(change);
        }

        Outcome build() {
            return new Outcome(List.copyOf(decisions), List.copyOf(directives), List.copyOf(changes));
        }
    }
}
