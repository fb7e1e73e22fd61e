package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.web.FilterChainProxy;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.store.ClipMapper;
import tools.jackson.databind.JsonNode;

/** Helpers of the host: invited once, limited to what they were given, at once when it changes, and named in the journal. */
class HelpersTest {
    /** All that somebody may do who was given everything that can be given; whatever is new is the host's until it stands here. */
    private static final Set<String> EVERYTHING = new TreeSet<>(List.of(
            "GET /api/desks",
            "GET /api/desks/board",
            "GET /api/kinds",
            "GET /api/me",
            "GET /api/needs",
            "GET /helper",
            "POST /api/chat",
            "POST /api/clips/making/{number}/stop",
            "POST /api/cues/{id}/press",
            "POST /api/desks/{desk}/{act}",
            "POST /api/hush",
            "POST /api/marks",
            "POST /api/rings/{number}/stop",
            "POST /api/shutters",
            "POST /api/voice/waits/{decision}/drop",
            "POST /api/voice/waits/{decision}/let"));

    private static final Set<String> OPEN =
            Set.of("/api/sign-in", "/api/invited", "/sign-in", "/stage", "/words", "/error");

    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data);
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static Map<String, Object> allowed(String name, List<String> rights) {
        return Map.of("name", name, "rights", rights, "desks", List.of("bench"), "cues", List.of("kettle-on"));
    }

    private static String invite(String name, List<String> rights) {
        Running.Answer told = app.post("/api/helpers", allowed(name, rights));
        assertThat(told.status()).as(told.body().toString()).isEqualTo(200);
        assertThat(told.body().get("address").asString()).startsWith("http://127.0.0.1:");
        return word(told);
    }

    private static String word(Running.Answer invitation) {
        return invitation.body().get("address").asString().replaceAll(".*#i=", "");
    }

    private static String id(String name) {
        return helper(name).get("id").asString();
    }

    private static JsonNode helper(String name) {
        return app.get("/api/helpers")
                .body()
                .get("helpers")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Asks as somebody on another computer. @param through whether the request is answered, and not only let in */
    private static MockHttpServletResponse asks(
            MockHttpSession session, String method, String path, String body, boolean through) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        request.setRemoteAddr("192.168.1.7");
        request.setServletPath(path);
        request.setSession(session);
        request.setContentType(MediaType.APPLICATION_JSON_VALUE);
        request.setContent(body.getBytes(StandardCharsets.UTF_8));
        request.setAsyncSupported(true);
        MockHttpServletResponse response = new MockHttpServletResponse();
        app.bean(FilterChainProxy.class)
                .doFilter(
                        request,
                        response,
                        through ? new MockFilterChain(app.bean(DispatcherServlet.class)) : new MockFilterChain());
        return response;
    }

    private static int asks(MockHttpSession session, String method, String path) throws Exception {
        return asks(session, method, path, "", false).getStatus();
    }

    private static MockHttpSession in(String word, String passphrase, int status) throws Exception {
        MockHttpSession session = new MockHttpSession();
        assertThat(asks(
                                session,
                                "POST",
                                "/api/invited",
                                "{\"word\":\"" + word + "\",\"passphrase\":\"" + passphrase + "\"}",
                                true)
                        .getStatus())
                .isEqualTo(status);
        return session;
    }

    @Test
    void anInvitationIsGoodForOnceAndWhatIsTakenIsTakenAtOnce() throws Exception {
        String word = invite("captain_sedge", List.of("ask", "approve"));
        assertThat(asks(new MockHttpSession(), "GET", "/api/needs")).isEqualTo(401);
        in(word, "short", 422);
        MockHttpSession sedge = in(word, "nine wet tapers", 204);
        in(word, "nine wet tapers", 403);
        assertThat(helper("captain_sedge").get("sessions").size()).isEqualTo(1);
        assertThat(asks(sedge, "GET", "/api/needs")).isEqualTo(200);
        assertThat(asks(sedge, "PUT", "/api/house")).isEqualTo(403);
        assertThat(asks(sedge, "GET", "/api/helpers")).isEqualTo(403);
        assertThat(asks(sedge, "POST", "/api/voice/waits/1/let")).isEqualTo(200);
        app.put("/api/helpers/" + id("captain_sedge"), allowed("captain_sedge", List.of("ask")));
        assertThat(asks(sedge, "POST", "/api/voice/waits/1/let"))
                .as("taken in mid-act")
                .isEqualTo(403);
        app.ask("DELETE", "/api/helpers/" + id("captain_sedge"), null);
        assertThat(asks(sedge, "GET", "/api/needs")).as("no helper any more").isEqualTo(401);
    }

    @Test
    void onlyTheirDesksAndButtonsAreTheirsAndTheJournalSaysWho() throws Exception {
        MockHttpSession lou = in(invite("lowtide_lou", List.of("ask", "press")), "nine wet tapers", 204);
        assertThat(asks(lou, "POST", "/api/desks/queue/open", "{\"about\":\"bench\",\"with\":{}}", true)
                        .getStatus())
                .isEqualTo(200);
        assertThat(asks(lou, "POST", "/api/desks/clock/start", "{\"about\":\"wax\",\"with\":{}}", true)
                        .getStatus())
                .isEqualTo(403);
        assertThat(asks(lou, "POST", "/api/cues/with-thanks/press", "", true).getStatus())
                .isEqualTo(403);
        org.awaitility.Awaitility.await()
                .until(() ->
                        app.get("/api/journal").body().toString().contains("Open it · At the bench · by lowtide_lou"));
        assertThat(asks(lou, "GET", "/api/me", "", true).getContentAsString())
                .contains("lowtide_lou")
                .contains("At the bench")
                .doesNotContain("Until the wax");
    }

    @Test
    void aMomentIsMarkedByWhoMayAndFoundAgainInTheShow() throws Exception {
        app.post("/api/show", Map.of("open", true));
        MockHttpSession sedge = in(invite("marshlight_ines", List.of("mark")), "nine wet tapers", 204);
        long earlier = System.currentTimeMillis() - 60_000;
        assertThat(asks(sedge, "POST", "/api/marks", "{\"at\":" + earlier + ",\"words\":\"the <b>spill</b>\"}", true)
                        .getStatus())
                .isEqualTo(200);
        org.awaitility.Awaitility.await()
                .until(() -> app.get("/api/lookback/1").body().toString().contains("marked the moment: the <b>spill"));
        org.awaitility.Awaitility.await()
                .untilAsserted(() -> assertThat(app.bean(ClipMapper.class).marks(earlier - 1_000, earlier + 10_000))
                        .singleElement()
                        .satisfies(mark -> assertThat(mark.maker()).isEqualTo("marshlight_ines")));
        assertThat(asks(sedge, "POST", "/api/chat")).as("not given").isEqualTo(403);
        JsonNode tooOld = app.post("/api/marks", Map.of("at", earlier - 3_600_000, "words", ""))
                .body();
        assertThat(tooOld.at("/problems/0/path").asString()).isEqualTo("at");
        JsonNode tooLong = app.post("/api/marks", Map.of("at", 0, "words", "x".repeat(201)))
                .body();
        assertThat(tooLong.at("/problems/0/path").asString()).isEqualTo("words");
    }

    @Test
    void whoForgotTheirPassphraseIsInvitedAnewAndASessionIsEnded() throws Exception {
        invite("pip_in_the_reeds", List.of("say"));
        String again = word(app.post("/api/helpers/" + id("pip_in_the_reeds") + "/invitation", null));
        MockHttpSession pip = in(again, "nine wet tapers", 204);
        assertThat(asks(pip, "POST", "/api/chat")).isEqualTo(200);
        app.ask(
                "DELETE",
                "/api/helpers/sessions/"
                        + helper("pip_in_the_reeds").at("/sessions/0/id").asString(),
                null);
        assertThat(helper("pip_in_the_reeds").get("sessions").size()).isZero();
        assertThat(pip.isInvalid()).isTrue();
    }

    @Test
    void whatCannotBeGivenIsRefusedByPlace() {
        assertThat(app.post("/api/helpers", allowed("moth", List.of("links")))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("rights");
        assertThat(app.post("/api/helpers", allowed(" ", List.of("ask"))).status())
                .isEqualTo(422);
        invite("tallowmoth", List.of());
        assertThat(app.post("/api/helpers", allowed("TallowMoth", List.of()))
                        .body()
                        .at("/problems/0/path")
                        .asString())
                .isEqualTo("name");
        assertThat(app.bean(Helpers.class).all().toString()).doesNotContain("nine wet tapers");
    }

    /** Every route that the application has, as somebody asks for it who was given all that can be given. */
    @Test
    void whatIsNotGivenToHelpersIsTheHostsOnEveryRoute() throws Exception {
        MockHttpSession all = in(
                invite("brine_otter", List.of("approve", "ask", "press", "say", "mark", "hush")),
                "nine wet tapers",
                204);
        MockHttpSession none = in(invite("wickerby", List.of()), "nine wet tapers", 204);
        Set<String> through = new TreeSet<>();
        Set<String> watched = new TreeSet<>();
        app.bean(RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .forEach(info -> {
                    for (String path : info.getPatternValues()) {
                        for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                            if (OPEN.contains(path)
                                    || path.startsWith("/media/")
                                    || path.startsWith("/hook/")
                                    || path.startsWith("/clips/")) {
                                continue;
                            }
                            String asked = path.replaceAll("\\{[^}]*}", "1");
                            if (lets(all, method, asked)) {
                                through.add(method + " " + path);
                            }
                            if (lets(none, method, asked)) {
                                watched.add(method + " " + path);
                            }
                        }
                    }
                });
        assertThat(through).isEqualTo(EVERYTHING);
        assertThat(watched).allMatch(each -> each.startsWith("GET ")).isSubsetOf(EVERYTHING);
    }

    private static boolean lets(MockHttpSession session, RequestMethod method, String path) {
        try {
            return asks(session, method.name(), path) == 200;
        } catch (Exception broken) {
            throw new IllegalStateException(path, broken);
        }
    }
}
