package org.waxbell.app.media;

/**
 * Reads the length of a WebM from the header of its segment: the element Duration, in units of TimestampScale (RFC 9559, sections
 * 5.1.2.9 and 5.1.2.10).
 */
final class WebmLength {
    private static final int HEADER = 65_536;
    private static final int[] SCALE = {0x2A, 0xD7, 0xB1};
    private static final int[] DURATION = {0x44, 0x89};
    private static final double USUAL_SCALE = 1_000_000;

    private WebmLength() {}

    /** In milliseconds; 0 where the header does not tell, as in a recording that was never finished. */
    static long of(byte[] content) {
        int scaleAt = find(content, SCALE);
        double scale = scaleAt < 0 ? USUAL_SCALE : whole(content, scaleAt + SCALE.length);
        int at = find(content, DURATION);
        if (at < 0) {
            return 0;
        }
        int size = content[at + 2] & 0x7F;
        long bits = bits(content, at + 3, size);
        double units = size == 8 ? Double.longBitsToDouble(bits) : size == 4 ? Float.intBitsToFloat((int) bits) : 0;
        double millis = units * scale / 1e6;
        return millis > 0 && millis < 1e8 ? Math.round(millis) : 0;
    }

    private static double whole(byte[] content, int sizeAt) {
        return bits(content, sizeAt + 1, content[sizeAt] & 0x7F);
    }

    private static long bits(byte[] content, int from, int size) {
        long value = 0;
        for (int i = 0; i < size && from + i < content.length; i++) {
            value = value << 8 | content[from + i] & 0xFF;
        }
        return value;
    }

    private static int find(byte[] content, int[] id) {
        outer:
        for (int i = 0; i < Math.min(HEADER, content.length - 12); i++) {
            for (int j = 0; j < id.length; j++) {
                if ((content[i + j] & 0xFF) != id[j]) {
                    continue outer;
                }
            }
            return i;
        }
        return -1;
    }
}
