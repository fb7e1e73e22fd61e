package org.waxbell.app.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;

/** What those hear who are turned away: where to sign in, or that they lack a right. */
final class Turned implements AuthenticationEntryPoint, AccessDeniedHandler {
    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException {
        if (request.getMethod().equals("GET")
                && String.valueOf(request.getHeader("Accept")).contains("text/html")) {
            response.sendRedirect("/sign-in");
        } else {
            tell(
                    response,
                    401,
                    "Not signed in",
                    "From another computer only the host may do this. Sign in at /sign-in.");
        }
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
            throws IOException {
        tell(response, 403, "Not allowed", "You may not do this here. Ask the host for the right to.");
    }

    private static void tell(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"title\":\"" + title + "\",\"status\":" + status + ",\"detail\":\"" + detail
                        + "\",\"problems\":[]}");
    }
}
