package org.waxbell.app.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;

/** Lets somebody who proved who they are in, by a session whose cookie pages cannot read. */
final class Sessions {
    private static final SecurityContextRepository KEPT = new HttpSessionSecurityContextRepository();

    private Sessions() {}

    /** Their session from now on; one that was there before gets another name. */
    static HttpSession begin(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        KEPT.saveContext(context, request, response);
        return request.getSession();
    }
}
