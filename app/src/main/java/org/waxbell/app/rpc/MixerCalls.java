package org.waxbell.app.rpc;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.eclipse.lsp4j.jsonrpc.services.JsonNotification;
import org.eclipse.lsp4j.jsonrpc.services.JsonRequest;
import org.waxbell.mixer.MixerPicture.Place;
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

    /** @param versions those that the asker speaks @param program what it calls itself */
    record Hello(List<Integer> versions, String program) {
    }

    /** @param mechanism {@code SCRAM-SHA-256}, or empty text where no password is wanted */
    record Welcome(int version, String program, String mechanism) {
    }

    /** A message of RFC 5802. */
    record Proof(String message) {
    }

    /** Nothing to say. */
    record Nothing() {
    }

    /**
     * A change that is wanted. What it does not need is left out.
     *
     * @param once  a name that no other request has, ever; the mixer does a request of a name once, and answers its repeat as it answered the first
     * @param scene id of the scene; left out for every scene where the source stands
     */
    record Change(String once, String scene, String source, String text, int level, boolean on, String filter, Place place) {
        /** A change of something that is on or off. */
        public static Change onOff(String once, String scene, String source, boolean on) {
            return new Change(once, scene, source, "", 0, on, "", new Place(0, 0, 0, 0));
        }
    }

    /** A browser source to be made. */
    record NewSource(String once, String name, String address, int width, int height) {
    }

    /** The id of what was made. */
    record Made(String source) {
    }

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

    @JsonRequest("scene.cut")
    CompletableFuture<Nothing> cut(Change change);

    @JsonRequest("item.show")
    CompletableFuture<Nothing> show(Change change);

    @JsonRequest("item.place")
    CompletableFuture<Nothing> place(Change change);

    @JsonRequest("item.add")
    CompletableFuture<Nothing> addItem(Change change);

    @JsonRequest("source.add")
    CompletableFuture<Made> addSource(NewSource source);

    @JsonRequest("source.address")
    CompletableFuture<Nothing> address(Change change);

    @JsonRequest("text.set")
    CompletableFuture<Nothing> text(Change change);

    @JsonRequest("level.set")
    CompletableFuture<Nothing> level(Change change);

    @JsonRequest("mute.set")
    CompletableFuture<Nothing> mute(Change change);

    @JsonRequest("filter.set")
    CompletableFuture<Nothing> filter(Change change);

    @JsonRequest("stream.set")
    CompletableFuture<Nothing> stream(Change change);

    @JsonRequest("recording.set")
    CompletableFuture<Nothing> recording(Change change);

    /** What a mixer tells by itself. */
    interface News {
        /** @param by the {@code once} of the request that did it, or {@code hand} where a person did */
        record Changed(String by, MixerPicture picture) {
        }

        /** How loud a source is now. @param peak in decibels below full scale, 0 or less */
        record Level(String source, double peak) {
        }

        /** How loud sources are now; one that is not named is silent. */
        record Levels(List<Level> levels) {
        }

        @JsonNotification("changed")
        void changed(Changed changed);

        @JsonNotification("levels")
        void levels(Levels levels);
    }
}
