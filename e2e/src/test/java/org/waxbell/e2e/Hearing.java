package org.waxbell.e2e;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CopyOnWriteArrayList;

/** A page's end of a socket of the packaged application, without a page: what it is told, whole messages. */
public final class Hearing implements WebSocket.Listener, AutoCloseable {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private final List<String> heard = new CopyOnWriteArrayList<>();
    private final StringBuilder piece = new StringBuilder();
    private final WebSocket socket;

    Hearing(Packaged app, String path) {
        socket = CLIENT.newWebSocketBuilder()
                .buildAsync(URI.create(app.address().replace("http", "ws") + path), this)
                .join();
    }

    /** One that shows the stage Main, as far as the program sees it. */
    public static Hearing stage(Packaged app) {
        return stage(app, "main");
    }

    /** One that shows a stage, by its id. */
    public static Hearing stage(Packaged app, String id) {
        String key = app.get("/api/stages/" + id + "/address")
                .get("address")
                .asString()
                .replaceAll(".*[#&]k=([^&]+).*", "$1");
        Hearing page = new Hearing(app, "/ws/stage");
        page.socket
                .sendText(
                        "{\"type\":\"hello\",\"key\":\"" + key
                                + "\",\"sent\":0,\"roundTrip\":0,\"voices\":{},\"sounds\":false,\"partRun\":\"\",\"at\":0,\"why\":\"\"}",
                        true)
                .join();
        return page;
    }

    /** How many messages so far have all of these in them. */
    public long heard(String... texts) {
        return heard.stream()
                .filter(each -> List.of(texts).stream().allMatch(each::contains))
                .count();
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        piece.append(data);
        if (last) {
            heard.add(piece.toString());
            piece.setLength(0);
        }
        from.request(1);
        return null;
    }

    @Override
    public void close() {
        socket.abort();
    }
}
