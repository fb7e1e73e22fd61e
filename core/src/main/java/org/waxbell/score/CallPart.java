package org.waxbell.score;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.check.Problems;
import org.waxbell.directive.CallWeb;
import org.waxbell.directive.Directive;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Calls an address on the web with fields of words, and reads of what it answers. What is read is told as {@code {callName}} where the part is called
 * {@code call} and what is read {@code name}.
 *
 * @param link    of the address, by id
 * @param type    what the call is about
 * @param body    {@value #JSON} or {@value #FORM}
 * @param fields  what it says
 * @param reads   what is read of the answer, as {@link Reads} has it
 * @param limitMs how long it is tried, in milliseconds
 */
public record CallPart(
        String id,
        Anchor start,
        String link,
        String type,
        String body,
        List<WebField> fields,
        List<String> reads,
        long limitMs,
        Manner manner)
        implements Part {
    static final String JSON = "json";
    static final String FORM = "form";
    private static final int MOST = 20;
    private static final long GRACE_MS = 1_000;
    private static final String STATUS = "status";
    private static final String NAME = "[a-zA-Z][a-zA-Z0-9]{0,29}";

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(CallPart.class, "call", "Call a web address", "Call")
            .also("webhook http json url")
            .with(
                    Field.choice("link", "Address", From.WEB_LINKS),
                    Field.of(Field.Type.CODE, "type", "It is about")
                            .called("What it is about")
                            .matching(
                                    "[A-Za-z0-9_.-]{1,60}",
                                    "This is no name of what happened.",
                                    "Write letters, digits and dots, such as candle.kept.")
                            .needed()
                            .wide(3),
                    Field.choice("body", "Sent as", new Choice(JSON, "JSON"), new Choice(FORM, "a form"))
                            .wide(3),
                    Field.of(Field.Type.OTHER, "fields", "It says"),
                    Reads.field("Of the answer is read", "{callHeat}"),
                    Field.span("limitMs", "Tried for", 500, 60_000).called("How long it is tried"))
            .making(on -> new CallPart(
                    on.id(),
                    Anchor.START,
                    on.first(From.WEB_LINKS),
                    "waxbell.rang",
                    JSON,
                    on.brings("viewer") ? List.of(new WebField("viewer", "{viewer}")) : List.of(),
                    List.of(),
                    10_000,
                    Manner.PLAIN));

    public CallPart {
        fields = List.copyOf(fields);
        reads = List.copyOf(reads);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.OUTSIDE;
    }

    @Override
    public boolean chosen() {
        return !link.isEmpty();
    }

    private Map<String, String> pointers() {
        return Reads.pointers(reads);
    }

    @Override
    public Map<String, String> results() {
        Map<String, String> samples = new TreeMap<>();
        samples.put(Brought.name(id, STATUS), "200");
        pointers().keySet().forEach(name -> samples.put(Brought.name(id, name), name));
        return samples;
    }

    @Override
    public Map<String, String> lateValues(Map<String, String> reported) {
        Set<String> all = new HashSet<>(pointers().keySet());
        all.add(STATUS);
        return reported.isEmpty() ? Map.of() : Brought.named(id, all, reported);
    }

    @Override
    public List<String> patterns() {
        return fields.stream().map(WebField::words).toList();
    }

    @Override
    public Map<String, String> wordings() {
        return ListedWords.wordings("fields", patterns());
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(limitMs + GRACE_MS, Media.NONE);
    }

    @Override
    public @Nullable Directive direct(Telling telling) {
        if (!chosen()) {
            return null;
        }
        Map<String, String> said = new LinkedHashMap<>();
        fields.forEach(each -> said.put(each.name(), telling.fill(each.words())));
        return new CallWeb(
                telling.partRun(), telling.meantFor(), link, type, body.equals(FORM), said, pointers(), limitMs);
    }

    @Override
    public String label(Telling telling, Naming names) {
        return !chosen() ? "not chosen yet" : type + " to " + link;
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        Problems problems = check.problems();
        Set<String> taken = new HashSet<>();
        for (int i = 0; i < fields.size(); i++) {
            name(problems.at("fields", i), fields.get(i).name(), taken);
        }
        ListedWords.check(check, "fields", patterns(), MOST);
        if (pointers().containsKey(STATUS)) {
            problems.at("reads")
                    .add(STATUS, "The answer's status is told under that name.", "Give what is read another.");
        }
    }

    private static void name(Problems here, String name, Set<String> taken) {
        if (!name.matches(NAME)) {
            here.at("name").add(name, "This is no name of a field.", "Write letters and digits, such as clipTitle.");
        } else if (!taken.add(name)) {
            here.at("name").add(name, "This name stands there already.", "Give each its own.");
        }
    }
}
