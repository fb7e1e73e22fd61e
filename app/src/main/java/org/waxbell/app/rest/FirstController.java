package org.waxbell.app.rest;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.first.FirstEvening;
import org.waxbell.app.first.FirstEvening.FirstView;

/** The first evening. */
@RestController
@RequestMapping("/api/first")
class FirstController {
    private final FirstEvening first;

    FirstController(FirstEvening first) {
        this.first = first;
    }

    /** Whether it is put away. */
    record FirstAway(boolean away) {}

    @GetMapping
    FirstView now() {
        return first.now();
    }

    @PutMapping
    FirstView put(@RequestBody FirstAway wanted) {
        return first.put(wanted.away());
    }
}
