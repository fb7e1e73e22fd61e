package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/** Something an adapter is to do; it is told ahead of time and carries the moment it is meant for. */
public sealed interface Directive
        permits ShowCard,
                PlaySound,
                Speak,
                Quieten,
                SayInChat,
                MakeClip,
                CallWeb,
                PostNotice,
                RunScript,
                SendOsc,
                UseComputer,
                SetMark,
                LookUp,
                SetTarget,
                EndPart,
                HushAll,
                ShowThing,
                SetFace,
                BookDirective {
    /** The run of the part that it belongs to, such as {@code 17.card}; {@code *} for all. */
    String partRun();

    /** The moment it is meant for, in milliseconds since 1970 UTC. */
    long meantFor();

    /** When it leaves, among the directives of one outcome. */
    default Wave wave() {
        return Wave.SEEN;
    }

    /** What its part fails with where no adapter takes it; empty text where that is no failure. */
    default String untaken() {
        return "";
    }

    /** What stands in for its adapter where nothing is sent anywhere; empty where its part needs no report. */
    default Optional<StandIn> standIn() {
        return Optional.empty();
    }

    /** Directives of one outcome leave in this order: what has a moment to meet, then answers, then the rest. */
    enum Wave {
        /** On a stage. */
        SEEN,
        /** In chat, after the news of what was decided. */
        SAID,
        /** Elsewhere. */
        DONE
    }

    /** A report that stands in for an adapter's. @param afterMs how long after its moment @param results what came of it */
    record StandIn(long afterMs, Map<String, String> results) {}
}
