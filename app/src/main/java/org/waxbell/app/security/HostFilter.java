package org.waxbell.app.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets other computers in only to what has a secret of its own, such as stages, and to the rest once the host has signed in. */
public final class HostFilter extends OncePerRequestFilter {
    /** The cookie that carries the ticket. */
    public static final String COOKIE = "waxbell";
    /** What proves itself otherwise, or gives nothing away. */
    private static final List<String> OPEN = List.of(
            "/stage",
            "/assets/",
            "/media/",
            "/hook/",
            "/ws/stage",
            "/ws/mixer-link",
            "/words",
            "/sign-in",
            "/api/sign-in",
            "/bell.svg");

    private final Hosts hosts;

    HostFilter(Hosts hosts) {
        this.hosts = hosts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean passedOn = request.getHeader("X-Forwarded-For") != null || request.getHeader("Forwarded") != null;
        if (Hosts.here(request.getRemoteAddr(), passedOn) || isOpen(request.getRequestURI()) || signedIn(request)) {
            chain.doFilter(request, response);
        } else if (request.getMethod().equals("GET")
                && String.valueOf(request.getHeader("Accept")).contains("text/html")) {
            response.sendRedirect("/sign-in");
        } else {
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            response.setContentType("application/problem+json");
            response.getWriter()
                    .write(
                            "{\"title\":\"Not signed in\",\"status\":401,\"detail\":\"From another computer only the host may do this. Sign in at /sign-in.\",\"problems\":[]}");
        }
    }

    private static boolean isOpen(String path) {
        return OPEN.stream()
                .anyMatch(open -> path.equals(open)
                        || path.equals(open + ".html")
                        || open.endsWith("/") && path.startsWith(open));
    }

    private boolean signedIn(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies != null
                && Arrays.stream(cookies)
                        .anyMatch(each -> each.getName().equals(COOKIE) && hosts.counts(each.getValue()));
    }
}
