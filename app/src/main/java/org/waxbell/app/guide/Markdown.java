package org.waxbell.app.guide;

import java.util.List;
import java.util.Map;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.AttributeProvider;
import org.commonmark.renderer.html.HtmlRenderer;
import org.commonmark.renderer.text.TextContentRenderer;

/** Markdown (CommonMark with tables) as HTML: tags in it stay text, and addresses that are none of the web's are left out. */
public final class Markdown {
    private static final List<Extension> EXTENSIONS = List.of(TablesExtension.create());
    private static final Parser PARSER = Parser.builder().extensions(EXTENSIONS).build();
    private static final HtmlRenderer HTML = HtmlRenderer.builder()
            .extensions(EXTENSIONS)
            .escapeHtml(true)
            .sanitizeUrls(true)
            .attributeProviderFactory(context -> new Apart())
            .build();
    private static final TextContentRenderer TEXT =
            TextContentRenderer.builder().extensions(EXTENSIONS).build();
    private final Node tree;

    private Markdown(Node tree) {
        this.tree = tree;
    }

    /** Reads it. */
    public static Markdown of(String text) {
        return new Markdown(PARSER.parse(text));
    }

    /** As HTML. */
    public String html() {
        return HTML.render(tree);
    }

    /** As plain text, to be searched. */
    public String text() {
        return TEXT.render(tree);
    }

    /** Links to elsewhere open beside the program, and pictures are fetched when they are seen. */
    private static final class Apart implements AttributeProvider {
        @Override
        public void setAttributes(Node node, String tag, Map<String, String> attributes) {
            if (node instanceof Link link && link.getDestination().startsWith("http")) {
                attributes.put("target", "_blank");
                attributes.put("rel", "noreferrer");
            } else if (node instanceof Image) {
                attributes.put("loading", "lazy");
            }
        }
    }
}
