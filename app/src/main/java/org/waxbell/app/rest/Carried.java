package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Files that are carried out. */
final class Carried {
    private Carried() {}

    /** A text that a browser keeps under that name. @param type its media type, such as {@code text/csv} */
    static ResponseEntity<byte[]> text(String name, String type, String text) {
        return file(name, type + ";charset=UTF-8", text.getBytes(StandardCharsets.UTF_8));
    }

    /** A file that a browser keeps under that name. @param type its media type */
    static ResponseEntity<byte[]> file(String name, String type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(content);
    }
}
