package org.waxbell.directive;

/** Something an adapter is to do; it is told ahead of time and carries the moment it is meant for. */
public sealed interface Directive
        permits ShowCard,
                PlaySound,
                Quieten,
                SayInChat,
                MakeClip,
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
}
