package org.waxbell.app.rest;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.act.DeskSheet;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Right;
import org.waxbell.app.address.OwnAddress;
import org.waxbell.app.config.Reach;
import org.waxbell.app.security.Helper;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.security.Helpers.HelperSession;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.HandPull;
import org.waxbell.wiring.Wiring;

/** Who helps the host, what each of them may, who is in; and who asks. */
@RestController
@RequestMapping("/api")
class HelperController {
    private final Helpers helpers;
    private final Reach reach;
    private final WiringStore wiring;
    private final OwnAddress own;

    HelperController(Helpers helpers, Reach reach, WiringStore wiring, OwnAddress own) {
        this.own = own;
        this.wiring = wiring;
        this.helpers = helpers;
        this.reach = reach;
    }

    /** A helper. @param waits whether they were invited and did not come yet @param sessions by which they are in now */
    record HelperView(
            String id,
            String name,
            Set<Right> rights,
            List<String> desks,
            List<String> cues,
            boolean waits,
            List<HelperSession> sessions) {}

    /** Everyone who helps. @param beyond whether other computers can come in at all @param granted what can be let to somebody */
    record HelpersView(List<HelperView> helpers, boolean beyond, Set<Right> granted) {}

    /** What somebody is to be allowed. @param desks places of those that they may ask @param cues ids of those whose buttons they may press */
    record HelperAllowed(String name, Set<Right> rights, List<String> desks, List<String> cues) {}

    /** By which somebody comes in once. @param address that they open */
    record Invitation(String address) {}

    private Invitation invitation(String word) {
        return new Invitation(own.of("/sign-in#i=" + word));
    }

    /** A button that somebody may press. @param cue its id */
    record MyButton(String cue, String name, boolean on) {}

    /** Who asks. @param name of a helper, empty text for the host @param rights what they may do @param desks those that they may ask */
    record Me(String name, Set<Right> rights, List<DeskSheet> desks, List<MyButton> buttons) {}

    @GetMapping("/me")
    Me me(Actor by) {
        Wiring now = wiring.current().wiring();
        Optional<Helper> helper = helpers.asking(by);
        return new Me(
                helper.map(Helper::name).orElse(""),
                helper.map(Helper::rights).orElse(Set.of(Right.values())),
                now.desks().stream()
                        .filter(each -> helper.isEmpty()
                                || helper.get().askRefused(each.id()).isEmpty())
                        .toList(),
                now.cues().stream()
                        .filter(each -> helper.isEmpty()
                                || helper.get().pressRefused(each.id()).isEmpty())
                        .flatMap(each -> HandPull.of(each).stream()
                                .map(pull -> new MyButton(
                                        each.id(), pull.button().isEmpty() ? each.name() : pull.button(), each.on())))
                        .toList());
    }

    @GetMapping("/helpers")
    HelpersView all() {
        List<HelperSession> in = helpers.sessions();
        return new HelpersView(
                helpers.all().stream().map(each -> view(each, in)).toList(), reach.beyond(), Helper.GRANTED);
    }

    private static HelperView view(Helper each, List<HelperSession> in) {
        return new HelperView(
                each.id(),
                each.name(),
                each.rights(),
                each.desks(),
                each.cues(),
                each.passphrase().isEmpty(),
                in.stream().filter(one -> one.helper().equals(each.id())).toList());
    }

    /** Somebody new; the invitation is told once. */
    @PostMapping("/helpers")
    Invitation add(@RequestBody HelperAllowed wanted) {
        return invitation(helpers.add(wanted.name(), wanted.rights(), wanted.desks(), wanted.cues()));
    }

    @PutMapping("/helpers/{id}")
    HelpersView allow(@PathVariable String id, @RequestBody HelperAllowed wanted) {
        helpers.allow(id, wanted.name(), wanted.rights(), wanted.desks(), wanted.cues());
        return all();
    }

    @DeleteMapping("/helpers/{id}")
    HelpersView remove(@PathVariable String id) {
        helpers.remove(id);
        return all();
    }

    /** Another invitation, as when a passphrase was forgotten; one that was made before counts no longer. */
    @PostMapping("/helpers/{id}/invitation")
    Invitation invite(@PathVariable String id) {
        return invitation(helpers.invite(id));
    }

    /** Ends a session. */
    @DeleteMapping("/helpers/sessions/{session}")
    HelpersView end(@PathVariable String session) {
        helpers.end(session);
        return all();
    }
}
