package org.waxbell.app.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import org.waxbell.actor.Actor;

/** Whoever asks from this very computer is the host; everybody else has to sign in, and has the rights of this moment. */
final class HereFilter extends OncePerRequestFilter {
    private final Helpers helpers;

    HereFilter(Helpers helpers) {
        this.helpers = helpers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean passedOn = request.getHeader("X-Forwarded-For") != null || request.getHeader("Forwarded") != null;
        if (Hosts.here(request.getRemoteAddr(), passedOn)) {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(new SignedIn(Actor.HOST));
            SecurityContextHolder.setContext(context);
        } else if (SecurityContextHolder.getContext().getAuthentication() instanceof SignedIn before
                && before.isHelper()) {
            // What was given or taken since they came holds for this very request.
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            helpers.again(before).ifPresent(context::setAuthentication);
            SecurityContextHolder.setContext(context);
        }
        chain.doFilter(request, response);
    }
}
