package org.waxbell.app.web;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.directive.PostNotice;
import org.waxbell.shelf.Media;

/** A noticeboard that an address on the web stands for: a notice goes there as a signed call, its picture with it. */
final class WebNotices implements NoticeLink {
    private static final long LIMIT_MS = 12_000;
    private static final long MOST_BYTES = 1_000_000;
    private final WebLink link;
    private final MediaFiles files;

    WebNotices(WebLink link, MediaFiles files) {
        this.link = link;
        this.files = files;
    }

    @Override
    public CompletableFuture<Void> post(PostNotice notice) {
        Map<String, String> data = new LinkedHashMap<>(Map.of("text", notice.words()));
        if (!notice.link().isEmpty()) {
            data.put("link", notice.link());
        }
        try {
            if (!notice.picture().isEmpty()) {
                data.put("picture", inLine(notice.picture()));
            }
        } catch (IOException | IllegalArgumentException unreadable) {
            return CompletableFuture.failedFuture(unreadable);
        }
        return link.tell(WebLink.idOf(notice), "waxbell.notice", data, LIMIT_MS).thenApply(said -> null);
    }

    /** A picture as a data URL (RFC 2397), for its own address opens only on this computer. */
    private String inLine(String hash) throws IOException {
        Path path = files.file(hash);
        if (Files.size(path) > MOST_BYTES) {
            throw new IllegalArgumentException("its picture is larger than 1 MB");
        }
        String type = files.shelf().all().stream()
                .filter(each -> each.hash().equals(hash))
                .findFirst()
                .map(Media::type)
                .orElseThrow(() -> new IllegalArgumentException("its picture is not on the shelf any more"));
        return "data:" + type + ";base64," + Base64.getEncoder().encodeToString(Files.readAllBytes(path));
    }

    @Override
    public boolean works() {
        return link.works();
    }

    @Override
    public String refusal() {
        return link.refusal();
    }

    @Override
    public void open() {
        link.open();
    }

    @Override
    public void close() {
        link.close();
    }

    @Override
    public CompletableFuture<String> test() {
        return link.test();
    }

    @Override
    public List<LinkFact> facts() {
        return link.facts();
    }
}
