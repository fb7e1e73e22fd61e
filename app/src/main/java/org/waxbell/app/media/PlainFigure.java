package org.waxbell.app.media;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Looks at a moving picture (Lottie, as its JSON Schema has it) before it is taken in: what it is, and that it brings no program and no addresses. */
final class PlainFigure {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST_LAYERS = 400;
    private static final int DEEPEST = 100;
    private static final int FASTEST = 120;
    private static final int LONGEST_SECONDS = 600;

    private PlainFigure() {}

    /** Throws {@link IllegalArgumentException}, with a sentence, where it is not to be had. */
    static void check(byte[] content) {
        JsonNode root;
        try {
            root = JSON.readTree(content);
        } catch (tools.jackson.core.JacksonException broken) {
            throw new IllegalArgumentException("it is no JSON", broken);
        }
        if (!root.path("layers").isArray()
                || !root.path("fr").isNumber()
                || !root.path("op").isNumber()
                || !root.path("w").isNumber()
                || !root.path("h").isNumber()
                || !root.path("ip").isNumber()) {
            throw new IllegalArgumentException(
                    "it is no moving picture: layers, frame rate, begin, end, width or height are missing");
        }
        sized(root);
        if (root.path("layers").size() > MOST_LAYERS) {
            throw new IllegalArgumentException("it has more than " + MOST_LAYERS + " layers");
        }
        root.path("assets").forEach(asset -> {
            if (asset.has("p")) {
                throw new IllegalArgumentException("it uses a picture of its own; only what is drawn can be taken in");
            }
        });
        walk(root, 0);
    }

    private static void sized(JsonNode root) {
        double frames = root.path("op").asDouble(0) - root.path("ip").asDouble(0);
        double rate = root.path("fr").asDouble(0);
        if (!(rate > 0 && rate <= FASTEST) || !(frames > 0 && frames / rate <= LONGEST_SECONDS)) {
            throw new IllegalArgumentException(
                    "it lasts longer than " + LONGEST_SECONDS + " s, or has more than " + FASTEST + " frames a second");
        }
        for (String side : new String[] {"w", "h"}) {
            double pixels = root.path(side).asDouble(0);
            if (!(pixels >= 1 && pixels <= PlainImage.LONGEST_SIDE)) {
                throw new IllegalArgumentException(
                        "it is not between 1 and " + PlainImage.LONGEST_SIDE + " pixels wide and high");
            }
        }
    }

    /** An animated value with a text in {@code x} has an expression, which is a program. */
    private static void walk(JsonNode node, int depth) {
        if (depth > DEEPEST) {
            throw new IllegalArgumentException("it is nested too deeply");
        }
        if (node.path("x").isString() && (node.has("k") || node.has("a"))) {
            throw new IllegalArgumentException("it has expressions, which are programs; export it without them");
        }
        node.forEach(each -> walk(each, depth + 1));
    }
}
