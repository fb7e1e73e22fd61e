package org.waxbell.app.media;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Set;
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

    private PlainSvg() {}

    /** The same drawing with only that; throws {@link IllegalArgumentException} where it is none. */
    static byte[] of(byte[] content) {
        Document document = Jsoup.parse(new String(content, StandardCharsets.UTF_8), "", Parser.xmlParser());
        Element root = document.children().stream()
                .filter(each -> each.normalName().equals("svg"))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("it is no drawing"));
        for (Element element : List.copyOf(root.getAllElements())) {
            if (!DRAWS.contains(element.normalName())) {
                element.remove();
            } else {
                for (Attribute attribute : element.attributes().asList()) {
                    if (!harmless(attribute)) {
                        element.removeAttr(attribute.getKey());
                    }
                }
            }
        }
        document.outputSettings()
                .syntax(Document.OutputSettings.Syntax.xml)
                .escapeMode(Entities.EscapeMode.xhtml)
                .prettyPrint(false);
        return root.outerHtml().getBytes(StandardCharsets.UTF_8);
    }

    private static boolean harmless(Attribute attribute) {
        String name = attribute.getKey().toLowerCase(Locale.ROOT);
        String value = attribute.getValue().strip().toLowerCase(Locale.ROOT);
        boolean address = name.equals("href") || name.endsWith(":href");
        boolean outside =
                value.replace("url(#", "").contains("url(") || value.contains("javascript:") || value.contains("data:");
        return !name.startsWith("on")
                && !outside
                && (!address || value.startsWith("#"))
                && !(name.equals("attributename") && value.contains("href"));
    }
}
