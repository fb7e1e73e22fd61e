package org.waxbell.app.rest;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.mixer.MixerDesk;
import org.waxbell.app.rpc.MixerCalls.Change;
import org.waxbell.app.rpc.MixerCalls.NewSource;
import org.waxbell.app.stage.StageAddresses;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.stage.StageKeys;
import org.waxbell.app.wiring.Refused;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.mixer.MixerPicture.Source;
import org.waxbell.mixer.MixerPicture;
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

    /** The secret address of a stage. @param address whole, as a browser source needs it @param replaced in how many sources of the mixer it was replaced just now */
    record Address(String address, int replaced) {
    }

    /** How a stage stands in the mixer. @param known whether the mixer tells @param onProgramme whether it can be seen now @param scenes where it stands, by name @param missing ids of scenes in which it does not stand */
    record Placing(boolean known, boolean onProgramme, List<String> scenes, List<String> missing) {
    }

    /** A scene. */
    record IntoScene(String scene) {
    }

    /** How the mixer stands, and whether that is known now. */
    record MixerView(boolean known, MixerPicture picture) {
    }

    @GetMapping("/mixer")
    MixerView mixer() {
        return new MixerView(mixer.picture().isPresent(), mixer.picture().orElse(MixerPicture.NONE));
    }

    @GetMapping("/stages/{id}/address")
    Address address(@PathVariable String id) {
        return new Address(addresses.whole(known(id).id()), 0);
    }

    /** Gives the stage another address and puts it into the sources of the mixer that had the old one. */
    @PostMapping("/stages/{id}/address")
    CompletableFuture<Address> renew(@PathVariable String id) {
        List<String> had = sources(known(id).id());
        keys.renew(id);
        String whole = addresses.whole(id);
        CompletableFuture<?>[] all = had.stream().map(source -> mixer.ask(once -> calls ->
                calls.address(new Change(once, "", source, whole, 0, true, "", new Place(0, 0, 0, 0))))).toArray(CompletableFuture[]::new);
        return CompletableFuture.allOf(all).handle((done, failed) -> {
            feed.dismiss(id);
            return new Address(whole, failed == null ? all.length : 0);
        });
    }

    @GetMapping("/stages/{id}/placing")
    Placing placing(@PathVariable String id) {
        String stage = known(id).id();
        MixerPicture now = mixer.picture().orElse(MixerPicture.NONE);
        List<String> had = sources(stage);
        return new Placing(mixer.picture().isPresent(), now.standing(address -> addresses.opens(address, stage)) == MixerPicture.Standing.SHOWN,
                now.scenes().stream().filter(scene -> stands(scene, had)).map(MixerPicture.Scene::name).toList(),
                now.scenes().stream().filter(scene -> !stands(scene, had)).map(MixerPicture.Scene::id).toList());
    }

    private static boolean stands(MixerPicture.Scene scene, List<String> sources) {
        return scene.items().stream().anyMatch(item -> sources.contains(item.source()) && item.shown());
    }

    /** Lets the stage be seen and heard in a scene: uses its browser source, or makes one. */
    @PostMapping("/stages/{id}/place")
    CompletableFuture<Placing> place(@PathVariable String id, @RequestBody IntoScene into) {
        Stage stage = known(id);
        MixerPicture now = mixer.picture().orElseThrow(() -> new Refused("mixer", "", "The mixer is not connected.", "Connect it on Links, then place the stage."));
        if (now.scene(into.scene()).isEmpty()) {
            throw new Refused("scene", into.scene(), "The mixer has no such scene.", "Choose one of " + now.scenes().stream().map(MixerPicture.Scene::id).toList() + ".");
        }
        List<String> had = sources(id);
        CompletableFuture<Void> done = had.isEmpty() ? made(stage).thenCompose(source -> mixer.place(source, into.scene(), stage.width(), stage.height()))
                : mixer.place(had.get(0), into.scene(), stage.width(), stage.height()).thenCompose(placed -> heard(now, had.get(0)));
        return done.thenApply(any -> placing(id)).exceptionally(failed -> {
            Throwable cause = failed instanceof CompletionException && failed.getCause() != null ? failed.getCause() : failed;
            throw new Refused("mixer", "", "The mixer did not do it: " + cause.getMessage() + ".", "Look at the mixer's link, then try again.");
        });
    }

    private CompletableFuture<Void> heard(MixerPicture now, String source) {
        return now.source(source).map(Source::muted).orElse(false) ? mixer.ask(once -> calls -> calls.mute(Change.onOff(once, "", source, false)))
                : CompletableFuture.completedFuture(null);
    }

    private CompletableFuture<String> made(Stage stage) {
        CompletableFuture<String> id = new CompletableFuture<>();
        return mixer.ask(once -> calls -> calls.addSource(new NewSource(once, "Stage " + stage.name(), addresses.whole(stage.id()), stage.width(), stage.height()))
                .thenAccept(made -> id.complete(made.source())).thenApply(any -> "made")).thenCompose(any -> id);
    }

    private List<String> sources(String stage) {
        return mixer.picture().orElse(MixerPicture.NONE).sources().stream().filter(source -> addresses.opens(source.address(), stage)).map(Source::id).toList();
    }

    private Stage known(String stage) {
        return wiring.current().wiring().stage(stage).orElseThrow(() -> new Refused("stage", stage, "There is no such stage.", "Choose one that is in the list."));
    }
}
