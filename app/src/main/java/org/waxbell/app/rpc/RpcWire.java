package org.waxbell.app.rpc;

import com.google.gson.JsonParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.eclipse.lsp4j.jsonrpc.Endpoint;
import org.eclipse.lsp4j.jsonrpc.MessageIssueException;
import org.eclipse.lsp4j.jsonrpc.RemoteEndpoint;
import org.eclipse.lsp4j.jsonrpc.json.JsonRpcMethod;
import org.eclipse.lsp4j.jsonrpc.json.MessageJsonHandler;
import org.eclipse.lsp4j.jsonrpc.services.ServiceEndpoints;

/**
 * One end of a JSON-RPC 2.0 conversation, one message a text, whatever carries the texts.
 *
 * @param <R> what the other end can be asked
 */
public final class RpcWire<R> {
    private final MessageJsonHandler json;
    private final RemoteEndpoint endpoint;
    private final R remote;

    /**
     * @param ours   what answers the other end
     * @param remote what the other end can be asked
     * @param out    sends a text to the other end
     */
    public RpcWire(Object ours, Class<R> remote, Consumer<String> out) {
        Map<String, JsonRpcMethod> methods = new HashMap<>(ServiceEndpoints.getSupportedMethods(remote));
        methods.putAll(ServiceEndpoints.getSupportedMethods(ours.getClass()));
        Endpoint local = ServiceEndpoints.toEndpoint(ours);
        json = new MessageJsonHandler(methods);
        endpoint = new RemoteEndpoint(message -> out.accept(json.serialize(message)), local);
        json.setMethodProvider(endpoint);
        this.remote = ServiceEndpoints.toServiceObject(endpoint, remote);
    }

    /** The other end. */
    public R remote() {
        return remote;
    }

    /** Takes in a text of the other end; throws {@link IllegalArgumentException} for what is no message. */
    public void take(String text) {
        try {
            endpoint.consume(json.parseMessage(text));
        } catch (MessageIssueException wrong) {
            endpoint.handle(wrong.getRpcMessage(), wrong.getIssues());
        } catch (JsonParseException nonsense) {
            throw new IllegalArgumentException("This is no JSON-RPC message: " + nonsense.getMessage(), nonsense);
        }
    }
}
