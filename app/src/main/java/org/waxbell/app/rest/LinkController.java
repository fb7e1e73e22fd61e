package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.link.Causes;
import org.waxbell.app.link.LinkView;
import org.waxbell.app.link.Links;
import org.waxbell.app.link.NeighbourDesk;
import org.waxbell.app.link.ProofDesk;
import tools.jackson.databind.JsonNode;

/** Connections to the outside: set, tried, paused, proved. */
@RestController
@RequestMapping("/api")
class LinkController {
    private final Links links;
    private final ProofDesk proofs;
    private final NeighbourDesk neighbours;

    LinkController(Links links, ProofDesk proofs, NeighbourDesk neighbours) {
        this.links = links;
        this.proofs = proofs;
        this.neighbours = neighbours;
    }

    /** A link to be added or changed. @param kind looked at for a new one only */
    record LinkSave(String kind, String name, JsonNode settings, Map<String, String> secrets) {}

    /** Whether a link is to rest. */
    record LinkPause(boolean paused) {}

    /** What came of trying a link. */
    record LinkTried(boolean good, String says) {}

    /** A name in chat. */
    record ChatName(String name) {}

    @GetMapping("/links")
    List<LinkView> all() {
        return links.all();
    }

    @GetMapping("/links/{id}")
    Links.SetLink one(@PathVariable String id) {
        return links.settings(id);
    }

    @GetMapping("/link-kinds/{kind}")
    JsonNode fresh(@PathVariable String kind) {
        return links.fresh(kind);
    }

    @PostMapping("/links")
    Links.SetLink add(@RequestBody LinkSave save) {
        return links.add(save.kind(), new Links.LinkWanted(save.name(), save.settings(), save.secrets()));
    }

    @PutMapping("/links/{id}")
    Links.SetLink set(@PathVariable String id, @RequestBody LinkSave save) {
        return links.set(id, save.kind(), new Links.LinkWanted(save.name(), save.settings(), save.secrets()));
    }

    @DeleteMapping("/links/{id}")
    List<LinkView> remove(@PathVariable String id) {
        links.remove(id);
        return links.all();
    }

    @PutMapping("/links/{id}/pause")
    List<LinkView> pause(@PathVariable String id, @RequestBody LinkPause pause) {
        links.pause(id, pause.paused());
        return links.all();
    }

    /** Tries a link of any kind; a stage is named by {@code stage} and its id. */
    @PostMapping({"/links/{id}/test", "/links/{id}/{part}/test"})
    CompletableFuture<LinkTried> test(@PathVariable String id, @PathVariable(required = false) String part) {
        return links.test(part == null ? id : id + "/" + part)
                .thenApply(says -> new LinkTried(true, says))
                .exceptionally(failed -> new LinkTried(false, Causes.words(failed)));
    }

    /** Begins to prove that an account is the host's, with a code of its own. */
    @PostMapping("/links/{id}/proof")
    List<LinkView> prove(@PathVariable String id) {
        proofs.begin(id);
        return links.all();
    }

    @DeleteMapping("/links/{id}/proof")
    List<LinkView> proveNot(@PathVariable String id) {
        proofs.end(id);
        return links.all();
    }

    @GetMapping("/neighbours")
    NeighbourDesk.Neighbourhood neighbours() {
        return neighbours.standing();
    }

    /** Says that somebody is a viewer and no neighbour. */
    @PostMapping("/neighbours/viewers")
    NeighbourDesk.Neighbourhood viewer(@RequestBody ChatName viewer) {
        neighbours.isViewer(viewer.name());
        return neighbours.standing();
    }
}
