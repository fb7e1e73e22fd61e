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

/** Whoever asks from this very computer is the host; everybody else has to sign in. */
final class HereFilter extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean passedOn = request.getHeader("X-Forwarded-For") != null || request.getHeader("Forwarded") != null;
        if (Hosts.here(request.getRemoteAddr(), passedOn)) {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            context.setAuthentication(new SignedIn(Actor.HOST));
            SecurityContextHolder.setContext(context);
        }
        chain.doFilter(request, response);
    }
}
