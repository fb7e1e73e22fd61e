package org.waxbell.app.rest;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Reach;
import org.waxbell.app.config.ReachFile;
import org.waxbell.app.json.Refused;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.security.Hosts;
import org.waxbell.check.Problems;

/** From where the pages can be reached, and the host's sign-in from another computer. */
@RestController
@RequestMapping("/api")
class ReachController {
    private static final int SHORTEST_PASSWORD = 10;
    private static final int MOST_NAMES = 20;
    private final Reach now;
    private final ReachFile file;
    private final Hosts hosts;

    private final Helpers helpers;

    ReachController(Reach now, DataFolder folder, Hosts hosts, Helpers helpers) {
        this.helpers = helpers;
        this.now = now;
        this.file = new ReachFile(folder);
        this.hosts = hosts;
    }

    /**
     * From where the pages can be reached.
     *
     * @param listen      the address in the settings, which hold from the next start on
     * @param listensNow  the address in force
     * @param password    whether the host has a password
     * @param secure      whether others come in by an encrypted door, in the settings
     * @param secureNow   the same, in force
     * @param here        addresses of this computer (IPv4, as people type them), for choosing
     */
    record ReachView(
            String listen,
            String listensNow,
            List<String> names,
            boolean password,
            boolean secure,
            boolean secureNow,
            List<String> here) {}

    /** What is wanted. @param password the host's new password, empty text to keep the one there is */
    record ReachSave(String listen, List<String> names, String password, boolean secure) {}

    /** Who wants in. @param name of a helper, empty text for the host */
    record SignIn(String name, String password) {}

    /** Somebody comes by an invitation. @param word that stands in it */
    record Invited(String word, String passphrase) {}

    @GetMapping("/reach")
    ReachView reach() {
        Reach kept = file.read();
        return new ReachView(
                kept.listen(),
                now.listen(),
                kept.names(),
                !kept.password().isEmpty(),
                kept.secure(),
                now.encrypted(),
                addresses());
    }

    private static List<String> addresses() {
        List<String> found = new ArrayList<>();
        try {
            for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                Collections.list(each.getInetAddresses()).stream()
                        .filter(address -> address instanceof Inet4Address
                                && !address.isLoopbackAddress()
                                && !address.isLinkLocalAddress())
                        .map(InetAddress::getHostAddress)
                        .forEach(found::add);
            }
        } catch (SocketException none) {
            return List.of();
        }
        return found;
    }

    @PutMapping("/reach")
    ReachView set(@RequestBody ReachSave save) {
        Reach kept = file.read();
        Problems problems = new Problems();
        check(problems, save);
        Reach next = new Reach(
                save.listen(),
                save.names(),
                save.password().isEmpty() ? kept.password() : hosts.hash(save.password()),
                save.secure());
        checkBeyond(problems, next);
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        file.write(next);
        return reach();
    }

    private static void check(Problems problems, ReachSave save) {
        if (!save.listen().matches("[0-9a-fA-F.:]{2,45}|localhost")) {
            problems.at("listen")
                    .add(
                            save.listen(),
                            "This is no address of a computer.",
                            "Write 127.0.0.1 for this computer only, 0.0.0.0 for all its networks, or one of its addresses.");
        }
        if (save.names().size() > MOST_NAMES) {
            problems.at("names")
                    .add(save.names().size() + " names", "These are too many names.", "Keep it to " + MOST_NAMES + ".");
        }
        for (int i = 0; i < save.names().size(); i++) {
            if (!save.names().get(i).matches("[A-Za-z0-9.:_-]{1,253}")) {
                problems.at("names", i)
                        .add(
                                save.names().get(i),
                                "This is no name or address of a computer.",
                                "Write one such as studio.local, without a port.");
            }
        }
        if (!save.password().isEmpty() && save.password().length() < SHORTEST_PASSWORD) {
            problems.at("password")
                    .add(
                            "",
                            "The password is too short.",
                            "Use " + SHORTEST_PASSWORD + " characters or more; a few words are good.");
        }
    }

    /** Whoever lets other computers in needs a password, and a name under which this one is asked for. */
    private static void checkBeyond(Problems problems, Reach next) {
        if (next.beyond() && next.password().isEmpty()) {
            problems.at("password")
                    .add("", "Other computers could come in without a password.", "Set a host password first.");
        }
        if (next.beyond() && next.names().isEmpty()) {
            problems.at("names")
                    .add(
                            "",
                            "No name is given under which this computer is asked for.",
                            "Write its address, such as "
                                    + addresses().stream().findFirst().orElse("192.168.1.20") + ".");
        }
    }

    /** Signs the host or a helper in on another computer, by a session whose cookie pages cannot read. */
    @PostMapping("/sign-in")
    ResponseEntity<Void> signIn(@RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        return answered(
                given.name().isBlank()
                        ? hosts.signIn(given.password(), request, response)
                        : hosts.helper(helpers, given.name(), "", given.password(), request, response));
    }

    /** Lets a helper in who was invited and chooses a passphrase; an invitation is good for once. */
    @PostMapping("/invited")
    ResponseEntity<Void> invited(@RequestBody Invited given, HttpServletRequest request, HttpServletResponse response) {
        return answered(hosts.helper(helpers, "", given.word(), given.passphrase(), request, response));
    }

    private static ResponseEntity<Void> answered(Hosts.Entry entry) {
        return switch (entry) {
            case IN -> ResponseEntity.noContent().build();
            case WRONG -> ResponseEntity.status(HttpStatus.FORBIDDEN).build();
            case TOO_MANY -> ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
        };
    }
}
