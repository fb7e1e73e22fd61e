package org.waxbell.event;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.waxbell.actor.Actor;

/** A kind of fact: its name, its typed fields, its sentence and a made-up sample. Each has one line in {@link Facts}. */
public final class FactKind {
    private final String name;
    private final boolean ofChannel;
    private final boolean awaited;
    private final List<Field> fields;
    private final Function<Fact, String> sentence;
    private final Optional<Viewer> viewer;
    private final Function<Fact, Map<String, String>> inWords;
    private final Actor usual;
    private final String happens;
    private final String says;
    private final boolean told;

    private FactKind(
            String name,
            boolean ofChannel,
            boolean awaited,
            Optional<Viewer> viewer,
            List<Field> fields,
            Function<Fact, String> sentence,
            Function<Fact, Map<String, String>> inWords,
            Actor usual,
            String happens,
            String says,
            boolean told) {
        this.told = told;
        this.happens = happens;
        this.says = says;
        this.name = name;
        this.ofChannel = ofChannel;
        this.awaited = awaited;
        this.viewer = viewer;
        this.fields = List.copyOf(fields);
        this.sentence = sentence;
        this.inWords = inWords;
        this.usual = usual;
    }

    /** What a channel tells beside chat, always done by a viewer. */
    static FactKind ofChannel(String name, Viewer viewer, Function<Fact, String> sentence, Field... fields) {
        return new FactKind(
                name,
                true,
                true,
                Optional.of(viewer),
                List.of(fields),
                sentence,
                fact -> Map.of(),
                Actor.HOST,
                "",
                "",
                false);
    }

    /** What happens in the house, or what a desk tells; cues may wait for it. */
    static FactKind awaited(String name, Function<Fact, String> sentence, Field... fields) {
        return new FactKind(
                name,
                false,
                true,
                Optional.empty(),
                List.of(fields),
                sentence,
                fact -> Map.of(),
                Actor.HOST,
                "",
                "",
                false);
    }

    /** What happens in the house and has pulls of its own, or none. */
    static FactKind inHouse(String name, Function<Fact, String> sentence, Field... fields) {
        return new FactKind(
                name,
                false,
                false,
                Optional.empty(),
                List.of(fields),
                sentence,
                fact -> Map.of(),
                Actor.HOST,
                "",
                "",
                false);
    }

    /** The same, with values for words that are worked out of several fields. */
    FactKind saying(Function<Fact, Map<String, String>> more) {
        return new FactKind(name, ofChannel, awaited, viewer, fields, sentence, more, usual, happens, says, told);
    }

    /** The same, done by somebody else than the host where nothing else is said. */
    FactKind usuallyBy(Actor other) {
        return new FactKind(name, ofChannel, awaited, viewer, fields, sentence, inWords, other, happens, says, told);
    }

    /** Who does it where nothing else is said. @param link that told it, empty text for none */
    public Actor usual(String link) {
        return ofChannel ? Actor.link(link) : usual;
    }

    /** The same, offered to cues. @param as what happens then, such as {@code a gift arrives} @param card what a card says of it, behind the viewer's name */
    FactKind offered(String as, String card) {
        return new FactKind(name, ofChannel, awaited, viewer, fields, sentence, inWords, usual, as, card, told);
    }

    /** What a desk tells of itself: the journal has it even where nobody waits for it. @param who the viewer whom it is about in a sample; empty where it is about nobody */
    static FactKind ofDesk(String name, Optional<Viewer> who, Function<Fact, String> sentence, Field... fields) {
        FactKind plain = awaited(name, sentence, fields).usuallyBy(Actor.PROGRAM);
        return new FactKind(name, false, true, who, plain.fields, sentence, plain.inWords, plain.usual, "", "", true);
    }

    /** The same, done by a viewer or not. @param who the one of a sample */
    FactKind maybeBy(Viewer who) {
        return new FactKind(
                name, ofChannel, awaited, Optional.of(who), fields, sentence, inWords, usual, happens, says, told);
    }

    /** Whether the journal has it even where nobody waits for it. */
    public boolean isTold() {
        return told;
    }

    /** Whether it may be about a viewer. */
    public boolean mayHaveViewer() {
        return viewer.isPresent();
    }

    /** What a card says when it happens, in words with its values; empty text where no viewer did it. */
    public String says() {
        return says;
    }

    /** What happens then, as the sentence of a cue says it; its name where cues wait for it by a pull of their own. */
    public String happens() {
        return happens.isEmpty() ? name : happens;
    }

    /** Whether a cue may be made that waits for it by its name. */
    public boolean isOffered() {
        return !happens.isEmpty();
    }

    /** One word, as the journal and the wiring name it. */
    public String name() {
        return name;
    }

    /** Whether a channel tells it. */
    public boolean ofChannel() {
        return ofChannel;
    }

    /** Whether a cue may wait for it by its name. */
    public boolean awaited() {
        return awaited;
    }

    /** Its fields, in the order in which they are written. */
    public List<Field> fields() {
        return fields;
    }

    String sentence(Fact fact) {
        return sentence.apply(fact);
    }

    Map<String, String> inWords(Fact fact) {
        return inWords.apply(fact);
    }

    /** A made-up one, with which cues are tried. */
    public Fact sample() {
        return of(usual("practice"), ofChannel ? Optional.of("practice") : Optional.empty(), viewer, Field::sample);
    }

    /** A made-up one, in which some fields stand otherwise. @param otherwise what stands in a field, from what usually does */
    public Fact sample(BiFunction<Field, Object, Object> otherwise) {
        return of(
                usual("practice"),
                ofChannel ? Optional.of("practice") : Optional.empty(),
                viewer,
                field -> otherwise.apply(field, field.sample()));
    }

    /**
     * A fact of this kind.
     *
     * @param value what stands in each field; of the class that the field's type names
     */
    public Fact of(Actor actor, Optional<String> link, Optional<Viewer> by, Function<Field, Object> value) {
        Map<String, Object> all = new LinkedHashMap<>();
        fields.forEach(field -> all.put(field.key(), field.type().holds().cast(value.apply(field))));
        return new Fact(this, actor, link, by, all);
    }

    /** A fact of the house, with values in the order of its fields. */
    public Fact by(Actor actor, Object... values) {
        Map<String, Object> all = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i++) {
            all.put(fields.get(i).key(), fields.get(i).type().holds().cast(values[i]));
        }
        if (all.size() != fields.size()) {
            throw new IllegalArgumentException(name + " has " + fields.size() + " fields, not " + all.size());
        }
        return new Fact(this, actor, Optional.empty(), Optional.empty(), all);
    }

    /** A fact of a desk about a viewer, with values in the order of its fields. @param who empty where nobody in particular did it */
    public Fact about(Actor actor, Optional<Viewer> who, Object... values) {
        return new Fact(this, actor, Optional.empty(), who, by(actor, values).fields());
    }

    /** What a channel told, with values in the order of its fields. */
    public Fact from(String link, Viewer who, Object... values) {
        Fact fact = by(Actor.link(link), values);
        return new Fact(this, fact.actor(), Optional.of(link), Optional.of(who), fact.fields());
    }

    static UnaryOperator<String> colon() {
        return text -> text.isEmpty() ? "" : ": " + text;
    }

    @Override
    public String toString() {
        return name;
    }
}
