package org.waxbell.app.rest;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.attention.Attention;
import org.waxbell.app.attention.Need;

/** What needs the host. */
@RestController
@RequestMapping("/api/needs")
class AttentionController {
    private final Attention attention;

    AttentionController(Attention attention) {
        this.attention = attention;
    }

    @GetMapping
    List<Need> needs() {
        return attention.now();
    }
}
