package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** The web in the browser: a clip that is announced in two lines, an address that a cue calls, and one that others call. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WebTest extends OnConsole {
    private static final List<String> CAME = new CopyOnWriteArrayList<>();
    private static HttpServer kiln;

    @BeforeAll
    static void listen() throws IOException {
        kiln = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        kiln.createContext("/", exchange -> {
            CAME.add(new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
            exchange.sendResponseHeaders(200, -1);
            exchange.close();
        });
        kiln.start();
    }

    @AfterAll
    static void asItWas() {
        kiln.stop(0);
    }

    @Test
    @Order(1)
    void aClipThatIsMadeIsAnnouncedInTwoLinesWithItsAddress() {
        show("/noticeboard");
        browser.seeText("h1", "Practice noticeboard");
        app.happen(
                "clip",
                "tallowmoth",
                Map.of(),
                Map.of("clipTitle", "<b>Tall</b>", "clipAddress", "http://127.0.0.1/c/7"));
        browser.seeText(
                "[data-notice] [data-words]",
                "tallowmoth kept a moment: <b>Tall</b>.\nWatch it while the wax is warm.");
        browser.see("[data-notice] a[href='http://127.0.0.1/c/7']");
        browser.seeText("button", "Take all down").click();
        browser.gone("[data-notice]");
    }

    @Test
    @Order(2)
    void anAddressIsSetUpAndOneOfTheOwnNetworkIsNotCalledUntilItIsAllowed() {
        show("/links");
        browser.seeText("button", "An address to call").click();
        browser.see("[role=dialog] input").sendKeys("The kiln");
        browser.see("[role=dialog] [data-field=address] input")
                .sendKeys("http://127.0.0.1:" + kiln.getAddress().getPort() + "/hot");
        browser.seeText("[role=dialog] button", "Save and connect").click();
        browser.seeText("[data-link=the-kiln] h2", "The kiln");
        browser.seeText("[data-link=the-kiln] button", "Test").click();
        browser.seeText("[data-link=the-kiln] [role=status]", "leads into your own network");
        assertThat(CAME).isEmpty();
        browser.seeText("[data-link=the-kiln] button", "Settings").click();
        browser.seeText("[role=dialog] summary", "More").click();
        browser.see("[role=dialog] [data-field=allowed] input").sendKeys("127.0.0.1");
        browser.seeText("[role=dialog] button", "Save and connect").click();
        browser.gone("[role=dialog]");
        browser.seeText("[data-link=the-kiln] button", "Test").click();
        browser.seeText("[data-link=the-kiln] [role=status]", "answered 200");
        assertThat(CAME.get(0)).contains("waxbell.test");
    }

    @Test
    @Order(3)
    void aPartCallsItWithWordsThatAreWrittenInItsForm() {
        show("/cues/a-clip-is-announced");
        browser.seeText("button", "Call").click();
        browser.seeText("h3", "Call a web address");
        browser.seeText("legend", "It says");
        browser.await("it is saved", any -> app.get("/api/wiring").toString().contains("waxbell.rang"));
        app.happen("clip", "tallowmoth", Map.of(), Map.of());
        browser.await("the kiln is called", any -> CAME.stream().anyMatch(each -> each.contains("waxbell.rang")));
        assertThat(CAME).anySatisfy(each -> assertThat(each).contains("\"viewer\":\"tallowmoth\""));
        app.post("/api/undo", Map.of());
    }

    @Test
    @Order(4)
    void whatOthersCallStandsOnLinksMaskedAndIsRenewed() {
        show("/links");
        browser.seeText("[data-hook=kiln] [data-hook-address]", "/hook/kiln/····");
        browser.seeText("[data-hook=kiln]", "have to be signed");
        browser.seeText("[data-hook=kiln] button", "Reveal").click();
        String before = app.get("/api/hooks/kiln/address").get("address").asString();
        browser.seeText("[data-hook=kiln] [data-hook-address]", before);
        browser.seeText("[data-hook=kiln] [data-secret]", "whsec_");
        browser.seeText("[data-hook=kiln] button", "Renew").click();
        browser.await(
                "it is another",
                any -> !app.get("/api/hooks/kiln/address")
                        .get("address")
                        .asString()
                        .equals(before));
    }
}
