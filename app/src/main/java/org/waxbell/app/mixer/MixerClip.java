package org.waxbell.app.mixer;

import java.net.URI;
import java.util.concurrent.CompletableFuture;

/** A clip that a mixer makes. @param made done when it can be fetched @param stop gives it up */
public record MixerClip(CompletableFuture<Made> made, Runnable stop) {
    /** @param address where it can be fetched by HTTP @param lengthMs how much of the past it holds, in milliseconds */
    public record Made(URI address, long lengthMs) {}
}
