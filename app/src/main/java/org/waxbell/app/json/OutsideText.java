package org.waxbell.app.json;

import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/** Text that comes from outside: bounded, and in UTF-8. */
public final class OutsideText {
    /** The most that is read at once, in bytes; five hundred cues are about 2 MB, an evening of 50,000 lines about 12. */
    public static final int MOST_BYTES = 20_000_000;

    private OutsideText() {}

    /** The bytes as text, without a mark of byte order; throws {@link Refused} where they are too many or another encoding. */
    public static String of(byte[] bytes, String what) {
        if (bytes.length > MOST_BYTES) {
            throw new Refused(
                    "",
                    bytes.length / 1_000_000 + " MB",
                    what + " is too large.",
                    "Keep it under " + MOST_BYTES / 1_000_000 + " MB.");
        }
        CharsetDecoder decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        ByteBuffer in = ByteBuffer.wrap(bytes);
        CharBuffer out = CharBuffer.allocate(bytes.length + 1);
        CoderResult result = decoder.decode(in, out, true);
        if (result.isError()) {
            throw refused(bytes, in.position(), what);
        }
        String text = out.flip().toString();
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    private static Refused refused(byte[] bytes, int at, String what) {
        long line = 1;
        for (int i = 0; i < at; i++) {
            line += bytes[i] == '\n' ? 1 : 0;
        }
        boolean wide = bytes.length > 1 && (bytes[0] & 0xFF) + (bytes[1] & 0xFF) == 0xFE + 0xFF;
        return new Refused(
                "line " + line,
                String.format("byte %02X", bytes[at] & 0xFF),
                what + " is not in UTF-8"
                        + (wide
                                ? "; it looks like UTF-16."
                                : "; it looks like a one-byte encoding such as Windows-1252."),
                "Save it as UTF-8 and bring it again.");
    }
}
