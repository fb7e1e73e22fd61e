package org.waxbell.bridge;

import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.java_websocket.WebSocket;
import org.java_websocket.drafts.Draft;
import org.java_websocket.exceptions.InvalidDataException;
import org.java_websocket.framing.CloseFrame;
import org.java_websocket.handshake.ClientHandshake;
import org.java_websocket.handshake.ServerHandshakeBuilder;
import org.java_websocket.server.WebSocketServer;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The mixer's end of the mixer link, version 1: JSON-RPC 2.0 over a WebSocket, one message a text. It hears on this computer alone, and
 * no page of a browser, so it asks for no password.
 */
final class Link extends WebSocketServer {
    private static final int VERSION = 1;
    private static final int NO_SUCH_VERSION = -32_001;
    private static final int NOT_DONE = -32_003;
    private static final int NO_SUCH_METHOD = -32_601;
    private static final int WRONG_PARAMETERS = -32_602;

    // A newer Wax Bell may say more than this bridge knows of.
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private final String program;
    private final Standing standing;
    private final CompletableFuture<Integer> open = new CompletableFuture<>();

    Link(Plan plan, Standing.Outlet outlet) {
        super(new InetSocketAddress(InetAddress.getLoopbackAddress(), plan.port()));
        setReuseAddr(true);
        program = plan.program();
        standing = new Standing(plan, outlet, this::changed);
    }

    Standing standing() {
        return standing;
    }

    /** The port once it hears, or why it does not. */
    CompletableFuture<Integer> opened() {
        return open;
    }

    @Override
    public ServerHandshakeBuilder onWebsocketHandshakeReceivedAsServer(
            WebSocket wire, Draft draft, ClientHandshake asked) throws InvalidDataException {
        if (asked.hasFieldValue("Origin")) {
            throw new InvalidDataException(CloseFrame.REFUSE, "A page of a browser is not let in.");
        }
        return super.onWebsocketHandshakeReceivedAsServer(wire, draft, asked);
    }

    @Override
    public void onStart() {
        open.complete(getPort());
    }

    @Override
    public void onError(WebSocket wire, Exception failed) {
        if (wire == null) {
            open.completeExceptionally(failed);
        }
    }

    @Override
    public void onOpen(WebSocket wire, ClientHandshake asked) {
        System.out.println("Wax Bell is there.");
    }

    @Override
    public void onClose(WebSocket wire, int code, String reason, boolean remote) {
        System.out.println("Wax Bell has gone.");
    }

    @Override
    public void onMessage(WebSocket wire, String text) {
        JsonNode message;
        try {
            message = JSON.readTree(text);
        } catch (JacksonException nonsense) {
            wire.close(CloseFrame.NO_UTF8, "This is no JSON-RPC message.");
            return;
        }
        JsonNode id = message.get("id");
        if (id != null) {
            wire.send(JSON.writeValueAsString(answer(id, message)));
        }
    }

    private Map<String, Object> answer(JsonNode id, JsonNode message) {
        JsonNode asked = message.path("params");
        try {
            return switch (message.path("method").asString("")) {
                case "hello" -> hello(id, asked);
                case "ping" -> result(id, Map.of());
                case "picture" -> result(id, standing.picture());
                case "change" -> change(id, asked);
                default ->
                    error(
                            id,
                            NO_SUCH_METHOD,
                            "This mixer does not know \""
                                    + message.path("method").asString("") + "\".");
            };
        } catch (JacksonException wrong) {
            return error(id, WRONG_PARAMETERS, "This cannot be read: " + wrong.getOriginalMessage());
        }
    }

    private Map<String, Object> hello(JsonNode id, JsonNode asked) {
        boolean known = asked.path("versions").valueStream().anyMatch(each -> each.asInt(0) == VERSION);
        return known
                ? result(id, Map.of("version", VERSION, "program", program, "mechanism", ""))
                : error(id, NO_SUCH_VERSION, "This mixer speaks version " + VERSION + " of the link.");
    }

    private Map<String, Object> change(JsonNode id, JsonNode asked) {
        String once = asked.path("once").asString("");
        if (once.isEmpty() || !asked.has("change")) {
            return error(id, WRONG_PARAMETERS, "A change wants \"once\" and \"change\".");
        }
        Standing.Result done = standing.change(once, JSON.treeToValue(asked.get("change"), MixerChange.class));
        return done.refusal().isEmpty()
                ? result(id, Map.of("source", done.source()))
                : error(id, NOT_DONE, done.refusal());
    }

    private void changed(String by, MixerPicture picture) {
        broadcast(JSON.writeValueAsString(
                Map.of("jsonrpc", "2.0", "method", "changed", "params", Map.of("by", by, "picture", picture))));
    }

    private static Map<String, Object> result(JsonNode id, Object result) {
        return Map.of("jsonrpc", "2.0", "id", id, "result", result);
    }

    private static Map<String, Object> error(JsonNode id, int code, String says) {
        return Map.of("jsonrpc", "2.0", "id", id, "error", Map.of("code", code, "message", says));
    }
}
