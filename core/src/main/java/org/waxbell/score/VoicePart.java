package org.waxbell.score;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.waxbell.act.Asking;
import org.waxbell.booking.Place;
import org.waxbell.directive.Caption;
import org.waxbell.directive.Directive;
import org.waxbell.directive.Speak;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.voice.Reading;
import org.waxbell.voice.Utterance;
import org.waxbell.words.Wording;

/**
 * Says words on an outlet. How long that takes is known when they were made; until then by their letters. What a viewer wrote is
 * looked at first, see {@link org.waxbell.voice.TextRules}.
 *
 * @param words     what is said, with values
 * @param voice     id of the voice, empty text for the usual one
 * @param speed     in percent of it, 0 for the usual
 * @param pitch     likewise
 * @param volume    loudness in percent; at 100 it is as loud as every sound is
 * @param longestMs when it is cut off, in milliseconds
 * @param earFirst  whether what a viewer wrote waits until the host has heard it
 * @param caption   how it can be read too: {@value #NONE}, {@value #WHOLE}, {@value #BY_WORD}
 * @param spot      where it is read
 * @param look      how that looks
 */
public record VoicePart(
        String id,
        Anchor start,
        String words,
        String voice,
        int speed,
        int pitch,
        int volume,
        String stage,
        String outlet,
        long longestMs,
        boolean earFirst,
        String caption,
        String spot,
        String look,
        Manner manner)
        implements Part {
    /** Nothing can be read. */
    static final String NONE = "";
    /** All of it stands there while it is said. */
    static final String WHOLE = "whole";
    /** Each word stands out when it is said. */
    static final String BY_WORD = "words";

    /** The values of an event that strangers write, by their names in words. */
    private static final Set<String> STRANGE =
            Set.of("line", "argument", "named", "rewardInput", "clipTitle", "hookText");
    /** How values of the slate begin: a cue may have written there what a stranger wrote. */
    private static final List<String> KEPT = List.of("slate", "namedSlate");

    private static final String MANNER = "Voice, speed and pitch of its own";

    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(VoicePart.class, "voice", "Say by voice", "Voice")
            .also("speech speak read aloud tts")
            .with(
                    Field.words("words", "Says").needed(),
                    Field.choice("stage", "Stage", From.STAGES).wide(3),
                    Field.choice("outlet", "Outlet", From.OUTLETS).wide(3),
                    Field.number("volume", "Volume", 0, 100)
                            .called("The volume")
                            .in("%")
                            .wide(3),
                    Field.span("longestMs", "Cut off after", 1_000, 120_000)
                            .called("The longest speech")
                            .wide(3),
                    Field.flag("earFirst", "what a viewer wrote waits until you have heard it"),
                    Field.choice(
                            "caption",
                            "Can be read",
                            new Choice(NONE, "no, it is only heard"),
                            new Choice(WHOLE, "as a sentence"),
                            new Choice(BY_WORD, "word by word")),
                    Field.choice("spot", "Spot", From.SPOTS)
                            .when("caption", WHOLE, BY_WORD)
                            .wide(3),
                    Field.choice("look", "Look", From.LOOKS)
                            .when("caption", WHOLE, BY_WORD)
                            .wide(3),
                    Field.choice("voice", "Voice", From.VOICES).under(MANNER),
                    own("speed", "Speed"),
                    own("pitch", "Pitch"))
            .making(on -> new VoicePart(
                    on.id(),
                    Anchor.START,
                    on.brings("argument")
                            ? "{viewer} says {argument}"
                            : on.brings("viewer") ? "{viewer}" : "Good evening",
                    "",
                    0,
                    0,
                    100,
                    on.first(From.STAGES),
                    on.first(From.OUTLETS),
                    12_000,
                    false,
                    NONE,
                    on.first(From.SPOTS),
                    on.first(From.LOOKS),
                    Manner.PLAIN));

    private static Field own(String key, String label) {
        return Field.number(key, label, Reading.SLOWEST, Reading.FASTEST)
                .orZero()
                .called("The " + label.toLowerCase(java.util.Locale.ROOT))
                .in("%")
                .hint("0 is the usual.")
                .wide(3)
                .under(MANNER);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.VOICE;
    }

    @Override
    public Optional<Place> place() {
        return Optional.of(new Place(stage, outlet));
    }

    @Override
    public List<String> patterns() {
        return List.of(words);
    }

    /** The values of the event in its words that a stranger wrote; they are looked at before it rings. */
    public Set<String> strange() {
        return uses(STRANGE::contains);
    }

    private Set<String> uses(Predicate<String> which) {
        return Wording.uses(words).stream()
                .map(Wording.Use::name)
                .filter(which)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Values as a pattern that is taken apart again. */
    private static String pieces(Set<String> names) {
        return names.stream().map(name -> "{" + name + "}").collect(Collectors.joining(Reading.BETWEEN));
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return Settled.open(longestMs, Media.NONE);
    }

    @Override
    public Optional<Asking> asks() {
        return Optional.of(new Asking(
                Reading.DESK,
                Reading.DESK,
                Reading.SAY,
                Map.of(
                        "text",
                        words,
                        "written",
                        pieces(strange()),
                        "kept",
                        pieces(uses(name -> KEPT.stream().anyMatch(name::startsWith))),
                        "voice",
                        voice,
                        "speed",
                        Integer.toString(speed),
                        "pitch",
                        Integer.toString(pitch))));
    }

    @Override
    public Map<String, String> answered(Map<String, String> answer) {
        return Brought.named(id, Set.of("text", "voice", "speed", "pitch"), answer);
    }

    @Override
    public Directive direct(Telling telling) {
        String said = telling.value(Brought.name(id, "text"));
        Utterance what = new Utterance(
                // Where no desk was asked, as in a sketch, its words are said as they are written.
                said.isEmpty() ? telling.fill(words) : said,
                telling.value(Brought.name(id, "voice")),
                percent(telling.value(Brought.name(id, "speed"))),
                percent(telling.value(Brought.name(id, "pitch"))));
        return new Speak(
                telling.partRun(),
                telling.meantFor(),
                telling.settled().claimMs(),
                stage,
                outlet,
                what,
                volume,
                caption.isEmpty()
                        ? Optional.empty()
                        : Optional.of(Caption.of(spot, telling.look(look), what.text(), caption.equals(BY_WORD))));
    }

    private static int percent(String value) {
        return value.isEmpty() ? 100 : Integer.parseInt(value);
    }

    @Override
    public String label(Telling telling, Naming names) {
        String said = telling.value(Brought.name(id, "text"));
        return "“" + (said.isEmpty() ? telling.fill(words) : said) + "”";
    }

    @Override
    public void check(PartCheck check) {
        check.fields(this);
        check.onStage(stage, "outlet", outlet, Stage::hasOutlet, "outlet");
        if (!caption.isEmpty()) {
            check.onStage(stage, "spot", spot, Stage::hasSpot, "spot");
            check.look(look);
        }
    }
}
