package org.waxbell.app.hub;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.keys.KeyName;
import org.waxbell.keys.Verb;
import org.waxbell.link.Trouble;

/** Port: keys, mouse and programs of this computer, or of what stands in for it. Safe for several threads; keys come in the order of the calls. */
public interface ComputerHub {
    /** Hears what becomes of it. */
    interface Ear {
        /** It can be used from now on. */
        void up();

        /** It cannot be used, or no longer. */
        void broken(Trouble why);
    }

    /** Connects, once, and tells what becomes of it to {@code ear}, which is the only one from now on. */
    void connect(Ear ear);

    /** Lets go of it and of every key; nothing is told any more. Nothing happens where it is not connected. */
    void disconnect();

    /** Why a key may not be pressed, as a sentence without its full stop; empty text where it may. */
    String refusal(KeyName key);

    /** Presses a key or lets it up; it does not block. Done when it is, or fails with a sentence. */
    CompletableFuture<Void> key(KeyName key, boolean down);

    /** Does that; it does not block. Done when it is, or fails with a sentence. @param words as {@link Verb} has them @param limitMs how long it is tried, in milliseconds */
    CompletableFuture<Void> act(Verb verb, List<String> words, long limitMs);

    /** Keys that may be pressed, as they are written; nothing where any may. */
    List<String> keys();

    /** Programs that may be started, by name. */
    List<String> programs();

    /** What is known of it, in a fixed order. */
    List<LinkFact> facts();
}
