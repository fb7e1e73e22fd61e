package org.waxbell.app.clip;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;

/** Fetches what a mixer made; never more than a bound, whatever it says of its length. */
final class ClipFetch {
    private static final int MOST = 200_000_000;
    private static final int PIECE = 65_536;
    private static final int OK = 200;
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();

    private ClipFetch() {}

    /** The file at that address; fails with a sentence's end. */
    static CompletableFuture<byte[]> of(URI address) {
        if (!"http".equals(address.getScheme()) && !"https".equals(address.getScheme())) {
            return CompletableFuture.failedFuture(
                    new IllegalStateException("the mixer told no address by HTTP for its clip"));
        }
        HttpRequest request = HttpRequest.newBuilder(address).timeout(PATIENCE).build();
        return CLIENT.sendAsync(request, HttpResponse.BodyHandlers.ofInputStream())
                .thenApply(ClipFetch::read);
    }

    private static byte[] read(HttpResponse<InputStream> answer) {
        try (InputStream body = answer.body()) {
            if (answer.statusCode() != OK) {
                throw new IllegalStateException("the mixer's clip could not be fetched (" + answer.statusCode() + ")");
            }
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            byte[] piece = new byte[PIECE];
            for (int read = body.read(piece); read >= 0; read = body.read(piece)) {
                all.write(piece, 0, read);
                if (all.size() > MOST) {
                    throw new IllegalStateException("the mixer's clip is larger than 200 MB");
                }
            }
            return all.toByteArray();
        } catch (IOException broken) {
            throw new IllegalStateException("the mixer's clip could not be fetched whole", broken);
        }
    }
}
