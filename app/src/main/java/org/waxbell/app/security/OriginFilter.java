package org.waxbell.app.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses what a page of somewhere else asks: a browser names the page's origin, and it must be ours. */
final class OriginFilter extends OncePerRequestFilter {
    private final Set<String> ownNames;

    OriginFilter(Set<String> ownNames) {
        this.ownNames = ownNames;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String origin = request.getHeader("Origin");
        if (origin != null && !isOwn(origin, request.getServerPort())) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN, "Only pages of this Wax Bell may ask.");
            return;
        }
        chain.doFilter(request, response);
    }

    private boolean isOwn(String origin, int port) {
        try {
            URI uri = URI.create(origin);
            return uri.getHost() != null && ownNames.contains(uri.getHost()) && uri.getPort() == port;
        } catch (IllegalArgumentException malformed) {
            return false;
        }
    }
}
