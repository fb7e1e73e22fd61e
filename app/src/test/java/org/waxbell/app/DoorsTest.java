package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.FilterChainProxy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.waxbell.actor.Actor;
import org.waxbell.app.security.SignedIn;

/** Rights are asked in one place: who has signed in may do what their rights say, and nothing that is forgotten there is open. */
class DoorsTest {
    @TempDir
    static Path data;

    private static Running app;

    @BeforeAll
    static void start() {
        app = Running.demo(data.resolve("demo"));
    }

    @AfterAll
    static void stop() throws IOException {
        app.close();
    }

    private static int asks(Actor who, String method, String path) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        request.setRemoteAddr("192.168.1.7");
        MockHttpSession session = new MockHttpSession();
        session.setAttribute(
                HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY,
                new SecurityContextImpl(new SignedIn(who)));
        request.setSession(session);
        MockHttpServletResponse response = new MockHttpServletResponse();
        app.bean(FilterChainProxy.class).doFilter(request, response, new MockFilterChain());
        return response.getStatus();
    }

    @ParameterizedTest
    @CsvSource({
        "GET,/api/wiring",
        "GET,/",
        "POST,/api/hush",
        "PUT,/api/cues/x",
        "POST,/api/desks/wheel/fill",
        "POST,/api/undo",
        "POST,/api/whatever/comes",
        "GET,/ws/live"
    })
    void whoHasNoRightIsTurnedAwayAndTheHostAndStaffAreNot(String method, String path) throws Exception {
        assertThat(asks(Actor.viewer("practice:lowtide_lou"), method, path)).isEqualTo(403);
        assertThat(asks(Actor.HOST, method, path)).isEqualTo(200);
        assertThat(asks(new Actor(org.waxbell.actor.Origin.STAFF, "captain_sedge"), method, path))
                .isEqualTo(200);
    }

    @Test
    void aCueMayAskADeskAndNothingElse() throws Exception {
        assertThat(asks(Actor.cue("pour"), "POST", "/api/desks/wheel/fill")).isEqualTo(200);
        assertThat(asks(Actor.cue("pour"), "POST", "/api/hush")).isEqualTo(403);
    }

    @Test
    void whatHasASecretOfItsOwnIsOpen() throws Exception {
        assertThat(asks(Actor.viewer("x"), "GET", "/stage")).isEqualTo(200);
        assertThat(asks(Actor.viewer("x"), "POST", "/hook/kiln/secret")).isEqualTo(200);
    }
}
