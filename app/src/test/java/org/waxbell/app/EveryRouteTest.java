package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Every route of the interface, asked with what nobody should send: it is refused at its place or done, and never meets a fault. */
class EveryRouteTest {
    private static final int ROUNDS = 2;
    /** What would close the door behind the test, or fill its disk. */
    private static final Set<String> LEFT_ALONE = Set.of("PUT /api/reach", "POST /api/copies");

    @TempDir
    static Path data;

    private static Running app;
    private static JsonNode description;
    private static final List<String> KNOWN = new ArrayList<>(List.of("main", "practice:wickerby", "1", "mixer"));

    @BeforeAll
    static void start() {
        app = Running.demo(data);
        description = app.get("/api/openapi.json").body();
        JsonNode wiring = app.get("/api/wiring").body();
        wiring.get("cues")
                .valueStream()
                .limit(10)
                .forEach(each -> KNOWN.add(each.at("/cue/id").asString()));
        wiring.get("desks").forEach(each -> KNOWN.add(each.at("/desk/id").asString()));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    @ParameterizedTest
    @ValueSource(longs = {3, 11})
    void whateverIsSentIsRefusedAtItsPlaceOrDone(long seed) {
        MadeUpRequests requests = new MadeUpRequests(description.at("/components/schemas"), KNOWN, seed);
        List<String> wrong = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (Map.Entry<String, JsonNode> path : description.get("paths").properties()) {
                for (Map.Entry<String, JsonNode> way : path.getValue().properties()) {
                    String method = way.getKey().toUpperCase(Locale.ROOT);
                    if (!LEFT_ALONE.contains(method + " " + path.getKey())) {
                        requests.next();
                        ask(method, path.getKey(), way.getValue(), requests, wrong);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(app.say("wickerby", "is all well?").status()).isEqualTo(200);
    }

    private static void ask(
            String method, String path, JsonNode operation, MadeUpRequests requests, List<String> wrong) {
        String address = path;
        StringBuilder query = new StringBuilder();
        for (JsonNode each : operation.path("parameters")) {
            String name = each.get("name").asString();
            String value = written(requests.value(each.get("schema"), 0));
            if (each.get("in").asString().equals("path")) {
                address = address.replace("{" + name + "}", encoded(value.isEmpty() ? "x" : value));
            } else if (requests.oftenTrue()) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(encoded(value));
            }
        }
        JsonNode content = operation.at("/requestBody/content");
        String type =
                content.properties().stream().map(Map.Entry::getKey).findFirst().orElse("");
        String body = type.isEmpty()
                ? null
                : type.contains("octet")
                        ? "no sound"
                        : Running.JSON.writeValueAsString(
                                requests.value(content.get(type).path("schema"), 0));
        Running.Answer answer = type.contains("octet")
                ? app.ask(method, address + query, body, "Content-Type", type)
                : app.ask(method, address + query, body);
        boolean placed = answer.body()
                .path("problems")
                .valueStream()
                .anyMatch(each -> !each.path("message").asString("").isEmpty());
        // What is no address at all is refused before anything of ours reads it, in one sentence.
        boolean ours = answer.header("content-type").contains("json");
        if (answer.status() >= 500 || (answer.status() == 400 || answer.status() == 422) && ours && !placed) {
            wrong.add(method + " " + address + query + " " + body + "\n-> " + answer.status() + " " + answer.body());
        }
    }

    private static String written(Object value) {
        return value instanceof String text ? text : Running.JSON.writeValueAsString(value);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
