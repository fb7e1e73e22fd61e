package org.waxbell.app.web;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Pointed;
import org.waxbell.app.link.Causes;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.OpenLinks;
import org.waxbell.app.thread.Daemons;
import org.waxbell.directive.CallWeb;
import org.waxbell.engine.Completion;
import org.waxbell.port.Carrier;

/** Calls the addresses that cues call, never on the engine's thread, and reads what they answer. */
@Component
final class WebDesk implements Carriers, DisposableBean {
    private static final int WORKERS = 8;
    private static final int MOST_WAITING = 200;
    private final Inbox loop;
    private final Documents json;
    private final OpenLinks<WebLink> links = new OpenLinks<>();
    private final ThreadPoolExecutor workers = new ThreadPoolExecutor(
            WORKERS, WORKERS, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), Daemons.named("web call"));

    WebDesk(Inbox loop, Documents json) {
        this.loop = loop;
        this.json = json;
    }

    /** Makes the link to an address; it takes the place of one of the same id. */
    WebLink make(String id, String address, String secret, List<String> allowed, LinkLife life) {
        return links.add(
                id, new WebLink(address, secret, allowed, life, workers, json, gone -> links.remove(id, gone)));
    }

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(links.carrier(CallWeb.class, CallWeb::link, this::call));
    }

    private void call(WebLink link, CallWeb call) {
        if (!link.works()) {
            loop.completed(call.partRun(), Completion.failed(link.refusal()));
            return;
        }
        String id = WebLink.idOf(call);
        (call.form()
                        ? link.fill(id, call.fields(), call.limitMs())
                        : link.tell(id, call.type(), call.fields(), call.limitMs()))
                .whenComplete((said, failed) -> loop.completed(
                        call.partRun(),
                        failed != null
                                ? Completion.failed(Causes.words(failed))
                                : Completion.ended(read(said, call.reads()))));
    }

    private Map<String, String> read(WebCaller.Said said, Map<String, String> wanted) {
        Map<String, String> found = new HashMap<>(Pointed.texts(json, said.body(), wanted));
        found.put("status", Integer.toString(said.status()));
        return found;
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }
}
