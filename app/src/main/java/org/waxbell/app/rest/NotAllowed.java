package org.waxbell.app.rest;

import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/** Somebody asks for what they were not allowed. */
final class NotAllowed {
    private NotAllowed() {}

    /** Refuses it. @param why as a sentence */
    static void because(String why) {
        throw new ResponseStatusException(HttpStatus.FORBIDDEN, why + " Ask the host for the right to.");
    }
}
