package org.waxbell.app.rpc;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.eclipse.lsp4j.jsonrpc.services.JsonNotification;
import org.eclipse.lsp4j.jsonrpc.services.JsonRequest;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;

/** What a mixer can be asked; {@code docs/formats/mixer-link.md} tells it in full. */
public interface MixerCalls {
    /** The version of the protocol that is spoken here. */
    int VERSION = 1;
    /** The error of a mixer that speaks none of the versions it was offered. */
    int NO_SUCH_VERSION = -32_001;
    /** The error of a password that was not proved. */
    int NOT_PROVED = -32_002;
    /** The error of a request that names something that is not there or cannot be done. */
    int NOT_DONE = -32_003;

    /** The error of a clip that is wanted of a mixer that is not on air. */
    int NOT_ON_AIR = -32_004;
    /** The error of a clip that is wanted of a mixer that has kept nothing yet. */
    int NOTHING_KEPT = -32_005;

    /** @param versions those that the asker speaks @param program what it calls itself */
    record Hello(List<Integer> versions, String program) {}

    /** @param mechanism {@code SCRAM-SHA-256}, or empty text where no password is wanted */
    record Welcome(int version, String program, String mechanism) {}

    /** A message of RFC 5802. */
    record Proof(String message) {}

    /** Nothing to say. */
    record Nothing() {}

    /** A change that is wanted. @param once a name that no other request has, ever; the mixer does a request of a name once, and answers its repeat as it answered the first */
    record Wanted(String once, MixerChange change) {}

    /** It is done. @param source the id of the source that it was about, which is news where one was made */
    record Done(String source) {}

    /** The last seconds are wanted as a clip. @param once a name that no other request has, ever */
    record ClipWanted(String once, int seconds, String title) {}

    /** It is made. @param address where it can be fetched as WebM, by HTTP; it may be told from the link's own address on @param lengthMs as much as the mixer had kept */
    record ClipMade(String address, long lengthMs) {}

    /** A clip is not wanted any more. */
    record ClipStopped(String once) {}

    @JsonRequest("hello")
    CompletableFuture<Welcome> hello(Hello hello);

    @JsonRequest("proof.first")
    CompletableFuture<Proof> proofFirst(Proof first);

    @JsonRequest("proof.final")
    CompletableFuture<Proof> proofFinal(Proof last);

    @JsonRequest("ping")
    CompletableFuture<Nothing> ping(Nothing nothing);

    @JsonRequest("picture")
    CompletableFuture<MixerPicture> picture(Nothing nothing);

    @JsonRequest("change")
    CompletableFuture<Done> change(Wanted wanted);

    @JsonRequest("clip.make")
    CompletableFuture<ClipMade> makeClip(ClipWanted wanted);

    @JsonNotification("clip.stop")
    void stopClip(ClipStopped which);

    /** What a mixer tells by itself. */
    interface News {
        /** @param by the {@code once} of the request that did it, or {@code hand} where a person did */
        record Changed(String by, MixerPicture picture) {}

        /** How loud a source is now. @param peak in decibels below full scale, 0 or less */
        record Level(String source, double peak) {}

        /** How loud sources are now; one that is not named is silent. */
        record Levels(List<Level> levels) {}

        @JsonNotification("changed")
        void changed(Changed changed);

        /** How far the making of a clip is, in percent. */
        record ClipProgress(String once, int percent) {}

        @JsonNotification("levels")
        void levels(Levels levels);

        @JsonNotification("clip.progress")
        void clipProgress(ClipProgress progress);
    }
}
