package org.waxbell.app.media;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Entities;
import org.jsoup.parser.Parser;

/** Leaves of a drawing only what draws: no scripts, nothing that answers to a pointer, no addresses outside itself. */
final class PlainSvg {
    private static final Set<String> DRAWS = Set.of(
            "svg",
            "g",
            "defs",
            "symbol",
            "use",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "lineargradient",
            "radialgradient",
            "stop",
            "clippath",
            "mask",
            "pattern",
            "filter",
            "fegaussianblur",
            "feoffset",
            "feblend",
            "femerge",
            "femergenode",
            "fecolormatrix",
            "feflood",
            "fecomposite",
            "title",
            "desc",
            "animate",
            "animatetransform");

    /** How many elements are drawn at most, those counted again that are drawn again by a reference. */
    private static final int MOST_DRAWN = 10_000;

    /** What fetches something, or could hide by an escape that it does. */
    private static final Pattern OUTSIDE =
            Pattern.compile("url\\(|image(-set)?\\(|src\\(|cross-fade\\(|javascript:|data:|\\\\");

    private static final Pattern REFERENCE = Pattern.compile("url\\(#([^)\"']+)\\)|^#(.+)$");

    private final Element root;
    private final Set<String> left = new TreeSet<>();

    private PlainSvg(Element root) {
        this.root = root;
    }

    /** The same drawing with only what draws; throws {@link IllegalArgumentException} where it is none, or draws too much. */
    static PlainSvg of(byte[] content) {
        Document document = Jsoup.parse(new String(content, StandardCharsets.UTF_8), "", Parser.xmlParser());
        Element root = document.children().stream()
                .filter(each -> each.normalName().equals("svg"))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("it is no drawing"));
        document.outputSettings()
                .syntax(Document.OutputSettings.Syntax.xml)
                .escapeMode(Entities.EscapeMode.xhtml)
                .prettyPrint(false);
        PlainSvg plain = new PlainSvg(root);
        plain.clean();
        plain.weigh();
        return plain;
    }

    /** The drawing. */
    byte[] content() {
        return root.outerHtml().getBytes(StandardCharsets.UTF_8);
    }

    /** What was taken out of it, such as {@code script and onclick}; empty text for nothing. */
    String without() {
        List<String> all = List.copyOf(left);
        int last = all.size() - 1;
        return last < 1 ? String.join("", all) : String.join(", ", all.subList(0, last)) + " and " + all.get(last);
    }

    private void clean() {
        for (Element element : List.copyOf(root.getAllElements())) {
            if (!DRAWS.contains(element.normalName())) {
                left.add(element.normalName());
                element.remove();
            } else {
                for (Attribute attribute : element.attributes().asList()) {
                    if (!harmless(attribute)) {
                        left.add(attribute.getKey());
                        element.removeAttr(attribute.getKey());
                    }
                }
            }
        }
    }

    /** A few elements that refer to one another can stand for millions; so each reference counts as what it draws. */
    private void weigh() {
        Map<String, Element> named = new HashMap<>();
        root.getAllElements().forEach(each -> {
            if (!each.id().isEmpty()) {
                named.putIfAbsent(each.id(), each);
            }
        });
        if (weight(root, named, new HashMap<>(), new HashSet<>()) > MOST_DRAWN) {
            throw new IllegalArgumentException("it draws more than " + MOST_DRAWN + " elements");
        }
    }

    private static long weight(
            Element element, Map<String, Element> named, Map<Element, Long> known, Set<Element> open) {
        Long before = known.get(element);
        if (before != null) {
            return before;
        }
        if (!open.add(element)) {
            throw new IllegalArgumentException("an element of it refers to itself");
        }
        long sum = 1;
        for (Element child : element.children()) {
            sum += weight(child, named, known, open);
        }
        for (Attribute attribute : element.attributes()) {
            Matcher reference = REFERENCE.matcher(attribute.getValue().strip());
            while (reference.find()) {
                Element target = named.get(reference.group(1) == null ? reference.group(2) : reference.group(1));
                sum += target == null || isColour(target) ? 0 : weight(target, named, known, open);
            }
        }
        open.remove(element);
        long bounded = Math.min(sum, MOST_DRAWN + 1L);
        known.put(element, bounded);
        return bounded;
    }

    /** Gradients refer to one another for their stops, and draw nothing. */
    private static boolean isColour(Element target) {
        return target.normalName().endsWith("gradient");
    }

    private static boolean harmless(Attribute attribute) {
        String name = attribute.getKey().toLowerCase(Locale.ROOT);
        String value = attribute.getValue().strip().toLowerCase(Locale.ROOT);
        boolean address = name.equals("href") || name.endsWith(":href");
        boolean outside =
                OUTSIDE.matcher(value.replace("url(#", "")).find() || name.equals("style") && value.contains("@");
        return !name.startsWith("on")
                && !outside
                && (!address || value.startsWith("#"))
                && !(name.equals("attributename") && value.contains("href"));
    }
}
