package org.waxbell.app.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.waxbell.app.json.OutsideText;

/** Refuses bodies that are larger than anything we read, before they are read; their length must be told. */
final class BodyLimit extends OncePerRequestFilter {
    /** Where packs come in, which are read from the disk and not from memory. */
    private static final String PACKS = "/api/packs/coming";

    private static final long MOST_PACK = 500_000_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long length = request.getContentLengthLong();
        long most = request.getRequestURI().equals(PACKS) ? MOST_PACK : OutsideText.MOST_BYTES;
        if (length > most) {
            refuse(
                    response,
                    HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    length / 1_000_000 + " MB",
                    "This is too large.",
                    most);
        } else if (length < 0 && request.getHeader("Transfer-Encoding") != null) {
            refuse(
                    response,
                    HttpServletResponse.SC_LENGTH_REQUIRED,
                    "",
                    "The length of what is sent is not told.",
                    most);
        } else {
            chain.doFilter(request, response);
        }
    }

    private static void refuse(HttpServletResponse response, int status, String value, String message, long most)
            throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"title\":\"Not taken in\",\"status\":" + status + ",\"detail\":\"" + message
                        + "\",\"problems\":[{\"path\":\"\",\"value\":\"" + value + "\",\"message\":\"" + message
                        + "\",\"remedy\":\"Send at most " + most / 1_000_000
                        + " MB at once, with its length.\"}]}");
    }
}
