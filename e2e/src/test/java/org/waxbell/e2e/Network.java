package org.waxbell.e2e;

import static org.assertj.core.api.Assumptions.assumeThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** Other computers that come in by the network of this machine. */
final class Network {
    private Network() {}

    /** Lets others come in from the next start on, and says by which address; where this machine has none of its own the tests of it are left out. */
    static String letIn(Path data) {
        try (Packaged first = new Packaged(data)) {
            JsonNode here = first.get("/api/reach").get("here");
            assumeThat(here).as("this machine has an address of its own").isNotEmpty();
            String network = here.get(0).asString();
            first.put(
                    "/api/reach",
                    Map.of(
                            "listen",
                            "0.0.0.0",
                            "names",
                            List.of(network),
                            "password",
                            "three tall tapers",
                            "secure",
                            false));
            return network;
        }
    }

    /** On Links, invites somebody who may let speech through and run the queue; the address of the invitation. */
    static String invite(Browser browser, String name) {
        browser.see("[data-invite]:enabled").click();
        browser.type("[aria-label='Who helps'] form input:not([type])", name);
        browser.seeText("[aria-label='Who helps'] form button", "Invite them").click();
        return browser.see("[data-invitation] .font-mono").getText();
    }

    /** Takes the invitation, in the tab that shows it. */
    static void comeIn(Browser browser, String passphrase) {
        browser.type("input[type=password]", passphrase);
        browser.see("input[type=password]").sendKeys(Keys.ENTER);
    }
}
