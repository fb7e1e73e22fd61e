package org.waxbell.app.rest;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.address.StageAddresses;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.json.Refused;
import org.waxbell.app.link.Causes;
import org.waxbell.app.mixer.MixerDesk;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.booking.Outlet;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.stage.Stage;

/** Where stages are shown: their secret addresses, and their browser sources in the mixer. */
@RestController
@RequestMapping("/api")
class StageController {
    private final StageKeys keys;
    private final StageAddresses addresses;
    private final StageFeed feed;
    private final MixerDesk mixer;
    private final WiringStore wiring;

    StageController(StageKeys keys, StageAddresses addresses, StageFeed feed, MixerDesk mixer, WiringStore wiring) {
        this.keys = keys;
        this.addresses = addresses;
        this.feed = feed;
        this.mixer = mixer;
        this.wiring = wiring;
    }

    /** The secret address of a stage. @param address whole, as a browser source needs it @param elsewhere the same for a mixer on another computer @param replaced in how many sources of the mixer it was replaced just now */
    record Address(String address, String elsewhere, int replaced) {}

    private Address address(String stage, String outlet, int replaced) {
        return new Address(addresses.whole(stage, outlet), addresses.elsewhere(stage, outlet), replaced);
    }

    /** How a stage stands in the mixer. @param known whether the mixer tells @param onProgramme whether it can be seen now @param scenes where it stands, by name @param missing ids of scenes in which it does not stand @param cropped names of scenes in which a part of it lies outside the programme */
    record Placing(
            boolean known, boolean onProgramme, List<String> scenes, List<String> missing, List<String> cropped) {}

    /** A scene by its id, empty text for the one on programme. */
    record IntoScene(String scene) {}

    /** How the mixer stands, and whether that is known now. */
    record MixerView(boolean known, MixerPicture picture) {}

    @GetMapping("/mixer")
    MixerView mixer() {
        return new MixerView(mixer.picture().isPresent(), mixer.picture().orElse(MixerPicture.NONE));
    }

    @GetMapping("/stages/{id}/address")
    Address address(@PathVariable String id) {
        return address(known(id).id(), "", 0);
    }

    /** Gives the stage another address and puts it into the sources of the mixer that had the old one. */
    @PostMapping("/stages/{id}/address")
    CompletableFuture<Address> renew(@PathVariable String id) {
        Map<String, List<String>> had = new LinkedHashMap<>();
        Stream.concat(Stream.of(""), known(id).outlets().stream().map(Outlet::id))
                .forEach(outlet -> had.put(outlet, sources(id, outlet)));
        keys.renew(id);
        CompletableFuture<?>[] all = had.entrySet().stream()
                .flatMap(each -> each.getValue().stream()
                        .map(source -> mixer.ask(
                                MixerChange.text("source.address", source, addresses.whole(id, each.getKey())))))
                .toArray(CompletableFuture[]::new);
        return CompletableFuture.allOf(all).handle((done, failed) -> {
            feed.dismiss(id);
            return address(id, "", failed == null ? all.length : 0);
        });
    }

    @GetMapping("/stages/{id}/placing")
    Placing placing(@PathVariable String id) {
        String stage = known(id).id();
        MixerPicture now = mixer.picture().orElse(MixerPicture.NONE);
        List<String> had = sources(stage, "");
        return new Placing(
                mixer.picture().isPresent(),
                now.standing(had) == MixerPicture.Standing.SHOWN,
                now.scenes().stream()
                        .filter(scene -> stands(scene, had))
                        .map(MixerPicture.Scene::name)
                        .toList(),
                now.scenes().stream()
                        .filter(scene -> !stands(scene, had))
                        .map(MixerPicture.Scene::id)
                        .toList(),
                now.cropping(had));
    }

    /** The address of the page that sounds one outlet alone. */
    @GetMapping("/stages/{id}/outlets/{outlet}/address")
    Address outletAddress(@PathVariable String id, @PathVariable String outlet) {
        return address(known(id).id(), outlet(known(id), outlet).id(), 0);
    }

    /** Lets an outlet be heard in a scene, or in the one on programme where none is named: uses its browser source, or makes one. */
    @PostMapping("/stages/{id}/outlets/{outlet}/place")
    CompletableFuture<Placing> placeOutlet(
            @PathVariable String id, @PathVariable String outlet, @RequestBody IntoScene into) {
        Stage stage = known(id);
        Outlet known = outlet(stage, outlet);
        return place(
                stage,
                into,
                sources(id, known.id()),
                "Outlet " + known.name() + " of " + stage.name(),
                addresses.whole(id, known.id()));
    }

    private static Outlet outlet(Stage stage, String id) {
        return stage.outlets().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(() ->
                        new Refused("outlet", id, "The stage has no such outlet.", "Choose one that is in the list."));
    }

    private MixerPicture connected() {
        return mixer.picture()
                .orElseThrow(() ->
                        new Refused("mixer", "", "The mixer is not connected.", "Connect it on Links, then place it."));
    }

    /** Sizes the stage in every scene so that all of it is on programme. */
    @PostMapping("/stages/{id}/fit")
    CompletableFuture<Placing> fit(@PathVariable String id) {
        Stage stage = known(id);
        MixerPicture now = mixer.picture().orElse(MixerPicture.NONE);
        Place whole = now.fitted(stage.width(), stage.height());
        CompletableFuture<?>[] all = sources(id, "").stream()
                .map(source -> mixer.ask(MixerChange.place(source, whole)))
                .toArray(CompletableFuture[]::new);
        return CompletableFuture.allOf(all).thenApply(done -> placing(id)).exceptionally(StageController::notDone);
    }

    private static Placing notDone(Throwable failed) {
        throw new Refused(
                "scene",
                "",
                "The mixer did not do it: " + Causes.words(failed) + ".",
                "Look at the mixer’s link and at its scenes, then try again.");
    }

    private static boolean stands(MixerPicture.Scene scene, List<String> sources) {
        return scene.items().stream().anyMatch(item -> sources.contains(item.source()) && item.shown());
    }

    /** Lets the stage be seen and heard in a scene, or in the one on programme where none is named: uses its browser source, or makes one. */
    @PostMapping("/stages/{id}/place")
    CompletableFuture<Placing> place(@PathVariable String id, @RequestBody IntoScene into) {
        Stage stage = known(id);
        return place(stage, into, sources(id, ""), "Stage " + stage.name(), addresses.whole(id));
    }

    private CompletableFuture<Placing> place(
            Stage stage, IntoScene into, List<String> there, String name, String address) {
        MixerPicture now = connected();
        String scene = into.scene().isEmpty() ? now.current() : into.scene();
        Place whole = now.fitted(stage.width(), stage.height());
        CompletableFuture<String> source = there.stream()
                .findFirst()
                .map(CompletableFuture::completedFuture)
                .orElseGet(() -> mixer.ask(MixerChange.text("source.add", name, address)));
        return source.thenCompose(made -> mixer.ask(MixerChange.add(scene, made, whole)))
                .thenCompose(added -> mixer.ask(MixerChange.turn("mute.set", "", added, false)))
                .thenApply(open -> placing(stage.id()))
                .exceptionally(StageController::notDone);
    }

    /** The browser sources that show a stage, or sound one outlet of it. */
    private List<String> sources(String stage, String outlet) {
        return mixer.picture().orElse(MixerPicture.NONE).loading(address -> addresses.opens(address, stage, outlet));
    }

    private Stage known(String stage) {
        return wiring.current()
                .wiring()
                .stage(stage)
                .orElseThrow(() ->
                        new Refused("stage", stage, "There is no such stage.", "Choose one that is in the list."));
    }
}
