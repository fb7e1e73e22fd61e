package org.waxbell.app.film;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/** Elements of EBML (RFC 8794), of which WebM is made. */
final class Ebml {
    static final int HEADER = 0x1A45DFA3;
    static final int SEGMENT = 0x18538067;
    static final int INFO = 0x1549A966;
    static final int DURATION = 0x4489;
    static final int TRACKS = 0x1654AE6B;
    static final int TRACK = 0xAE;
    static final int TRACK_NUMBER = 0xD7;
    static final int TRACK_TYPE = 0x83;
    static final int CODEC = 0x86;
    static final int CODEC_PRIVATE = 0x63A2;
    static final int VIDEO = 0xE0;
    static final int PIXEL_WIDTH = 0xB0;
    static final int PIXEL_HEIGHT = 0xBA;
    static final int CLUSTER = 0x1F43B675;
    static final int TIME = 0xE7;
    static final int BLOCK = 0xA3;
    static final int CUES = 0x1C53BB6B;
    /** A length that is not told. */
    static final long UNKNOWN = -1;

    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();

    /** Adds an element that holds others. */
    Ebml with(int id, Ebml inner) {
        return with(id, inner.bytes());
    }

    /** Adds elements that are written already. */
    Ebml with(byte[] elements) {
        bytes.writeBytes(elements);
        return this;
    }

    Ebml with(int id, byte[] content) {
        id(id);
        length(content.length);
        bytes.writeBytes(content);
        return this;
    }

    Ebml with(int id, String text) {
        return with(id, text.getBytes(StandardCharsets.UTF_8));
    }

    /** Adds a number, always in eight bytes, so that lengths do not hang on values. */
    Ebml with(int id, long number) {
        return with(id, ByteBuffer.allocate(8).putLong(number).array());
    }

    Ebml with(int id, double number) {
        return with(id, ByteBuffer.allocate(8).putDouble(number).array());
    }

    int size() {
        return bytes.size();
    }

    byte[] bytes() {
        return bytes.toByteArray();
    }

    private void id(int id) {
        for (int shift = 24; shift >= 0; shift -= 8) {
            if (id >>> shift != 0) {
                bytes.write(id >>> shift);
            }
        }
    }

    /** Always in eight bytes, likewise. */
    private void length(long length) {
        bytes.writeBytes(ByteBuffer.allocate(8).putLong(0x01L << 56 | length).array());
    }

    /** An element as it is read. @param from where its content begins @param length of its content, {@link #UNKNOWN} where it is not told */
    record Element(int id, int from, long length) {
        int end(int most) {
            return length == UNKNOWN ? most : (int) Math.min(most, from + length);
        }
    }

    /** The element that begins there; throws {@link IllegalArgumentException} where none does. */
    static Element read(ByteBuffer file, int at, int end) {
        if (at >= end) {
            throw new IllegalArgumentException("it is cut off");
        }
        int first = file.get(at) & 255;
        int idBytes = Integer.numberOfLeadingZeros(first) - 23;
        int lengthAt = at + idBytes;
        if (first == 0 || idBytes > 4 || lengthAt >= end) {
            throw new IllegalArgumentException("it is no WebM");
        }
        int id = 0;
        for (int i = 0; i < idBytes; i++) {
            id = id << 8 | file.get(at + i) & 255;
        }
        int head = file.get(lengthAt) & 255;
        int lengthBytes = Integer.numberOfLeadingZeros(head) - 23;
        if (head == 0 || lengthAt + lengthBytes > end) {
            throw new IllegalArgumentException("it is no WebM");
        }
        long length = head & (1 << 8 - lengthBytes) - 1;
        for (int i = 1; i < lengthBytes; i++) {
            length = length << 8 | file.get(lengthAt + i) & 255;
        }
        boolean untold = length == (1L << 7 * lengthBytes) - 1;
        return new Element(id, lengthAt + lengthBytes, untold ? UNKNOWN : length);
    }
}
