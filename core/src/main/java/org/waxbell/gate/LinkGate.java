package org.waxbell.gate;

import java.util.List;
import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Holds what came by another link than the cue wants; what no link sent passes.
 *
 * @param links names of links, such as {@code practice}; one with several channels is meant with all of them, or with one as {@code tower/#bench}
 */
public record LinkGate(List<String> links) implements Gate {
    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(LinkGate.class, "links", "it comes by certain links", "Links")
            .also("channel platform")
            .saying("came by another link")
            .with(Field.many("links", "Any of these").from(From.LINKS))
            .making(on -> new LinkGate(on.first(From.LINKS).isEmpty() ? List.of() : List.of(on.first(From.LINKS))));

    public LinkGate {
        links = List.copyOf(links);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("from " + (links.isEmpty() ? "no link" : Said.either(links)));
    }

    @Override
    public int order() {
        return 9;
    }

    @Override
    public boolean standing() {
        return true;
    }

    @Override
    public Check ready(Scope scope) {
        return query -> {
            String from = query.event().link().orElse("");
            boolean meant =
                    from.isEmpty() || links.stream().anyMatch(link -> from.equals(link) || from.startsWith(link + "/"));
            return meant
                    ? GateAnswer.pass("links", from.isEmpty() ? "no link" : "from " + from)
                    : GateAnswer.held(
                            "links", "only from " + String.join(", ", links) + ", not from " + from, Map.of());
        };
    }

    @Override
    public void check(Problems problems, Scope scope) {
        if (links.isEmpty()) {
            problems.at("links").add("[]", "This gate lets nothing through.", "Choose a link, or take it away.");
        }
        for (int i = 0; i < links.size(); i++) {
            problems.at("links", i).text(links.get(i), 80, "The link");
        }
    }
}
