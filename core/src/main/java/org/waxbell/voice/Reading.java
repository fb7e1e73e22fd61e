package org.waxbell.voice;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskDocument;
import org.waxbell.actor.Right;
import org.waxbell.check.Problems;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;

/**
 * How text is read aloud: in which voice, and what is done about text that is not fit to be heard.
 *
 * @param voice          id of the voice where nothing else is chosen; empty text for the first there is
 * @param speed          in percent of the voice's own
 * @param pitch          likewise
 * @param links          what is done about links
 * @param linkWords      what is said for one
 * @param signs          about text without a word
 * @param repeats        about the same again and again
 * @param senseless      about letters that make no words
 * @param senselessFrom  from how strange on they count as such, in tenths of a bit for a pair of letters
 * @param unwelcome      about unwelcome words
 * @param unwelcomeWords those
 * @param tooLong        about text that is longer than {@code longest}
 * @param longest        how much is said at once, in characters
 * @param standIn        what is said in place of what is not said
 * @param spelled        names and words as they are said, each as {@code name = how it is said}
 */
public record Reading(
        String voice,
        int speed,
        int pitch,
        Doing links,
        String linkWords,
        Doing signs,
        Doing repeats,
        Doing senseless,
        int senselessFrom,
        Doing unwelcome,
        List<String> unwelcomeWords,
        Doing tooLong,
        int longest,
        String standIn,
        List<String> spelled)
        implements DeskDocument {
    /** The desk that runs it, and its place. */
    public static final String DESK = "voice";
    /** The act of saying something; parts ask for it. */
    public static final String SAY = "say";

    /** Between pieces that a viewer wrote, as a part hands them over. */
    public static final String BETWEEN = "\u241e";
    /** The acts by which the host leads it. */
    public static final String PAUSE = "pause";
    /** What was paused goes on. */
    public static final String RESUME = "resume";
    /** Nothing is said for somebody. */
    public static final String BLOCK = "block";
    /** It is said again. */
    public static final String UNBLOCK = "unblock";
    /** Somebody gets a voice of their own. */
    public static final String OWN = "own";
    /** And gives it back. */
    public static final String PLAIN_AGAIN = "plain";
    /** What waited for the host waits no more. */
    public static final String SETTLE = "settle";

    /** How it is before anybody set it. */
    public static final Reading USUAL = new Reading(
            "",
            100,
            100,
            Doing.INSTEAD,
            "a link",
            Doing.HOLD,
            Doing.LEAVE,
            Doing.HOLD,
            53,
            Doing.INSTEAD,
            List.of(),
            Doing.LEAVE,
            240,
            "something",
            List.of());

    /** Least speed and pitch, in percent. */
    public static final int SLOWEST = 50;
    /** Greatest speed and pitch, in percent. */
    public static final int FASTEST = 200;

    private static final int MOST_WORDS = 1_000;
    private static final int LONGEST_TEXT = 2_000;
    private static final int LONGEST_NAME = 60;

    /** What it says of itself. */
    public static final Kind<Reading> KIND = Kind.<Reading>of(Reading.class, "reading", "Reading aloud", "Reading")
            .also("speech voice filter")
            .with(
                    Field.choice("voice", "Voice", From.VOICES),
                    Field.number("speed", "Speed", SLOWEST, FASTEST)
                            .called("The speed")
                            .in("%")
                            .wide(3),
                    Field.number("pitch", "Pitch", SLOWEST, FASTEST)
                            .called("The pitch")
                            .in("%")
                            .wide(3),
                    doing("senseless", "Senseless letters"),
                    Field.number("senselessFrom", "Senseless from", 35, 80)
                            .called("From where letters are senseless")
                            .hint(
                                    "Words of English have 33 to 45, other tongues up to 50, a fist on the keys 54 to 75.")
                            .wide(3),
                    doing("links", "Links"),
                    Field.text("linkWords", "A link is said as", LONGEST_NAME).wide(3),
                    doing("repeats", "The same again and again"),
                    doing("signs", "Only signs or emoji", Doing.SAY, Doing.LEAVE),
                    Field.choice(
                                    "tooLong",
                                    "Too long",
                                    new Choice("leave", "cut behind a sentence"),
                                    new Choice("instead", "said as something else"),
                                    new Choice("ask", "asked of me first"),
                                    new Choice("hold", "kept out"))
                            .wide(3),
                    Field.number("longest", "Longest text", 20, LONGEST_TEXT / 2)
                            .called("The longest text")
                            .in("characters")
                            .wide(3),
                    doing("unwelcome", "Unwelcome words"),
                    Field.text("standIn", "Said in place of them", LONGEST_NAME).wide(3),
                    Field.many("unwelcomeWords", "Which words those are")
                            .most(MOST_WORDS)
                            .matching("\\S.{0,39}", "This is no word.", "Write one of 40 characters at most.")
                            .hint("Also found in look-alike letters, stretched, spelled out, and with signs between."),
                    Field.many("spelled", "Names and how they are said")
                            .most(MOST_WORDS)
                            .matching(
                                    "\\s*\\S[^=]{0,59}=\\s*\\S.{0,79}",
                                    "This tells no name and how it is said.",
                                    "Write one such as wickerby = wicker bee.")
                            .hint("With commas between, such as wickerby = wicker bee."));

    private static Field doing(String key, String label, Doing... without) {
        return Field.choice(key, label, Doing.choices(without)).wide(3);
    }

    private static final List<Act> ACTS = List.of(
            new Act(
                    SAY,
                    "Say something",
                    List.of(
                            ActField.text("text", "What", LONGEST_TEXT * 2),
                            ActField.text("written", "What of it a viewer wrote", LONGEST_TEXT),
                            ActField.text("kept", "What of it a viewer may have written before", LONGEST_TEXT),
                            ActField.text("voice", "Voice", LONGEST_NAME),
                            ActField.number("speed", "Speed", 0, FASTEST, 0),
                            ActField.number("pitch", "Pitch", 0, FASTEST, 0)),
                    Right.ASK,
                    List.of("said")),
            plain(PAUSE, "Pause the voice"),
            plain(RESUME, "Go on speaking"),
            named(BLOCK, "Never speak for"),
            named(UNBLOCK, "Speak again for"),
            new Act(
                    OWN,
                    "Give a voice of their own",
                    List.of(
                            ActField.text("name", "Whom", LONGEST_NAME),
                            ActField.text("voice", "Voice", LONGEST_NAME),
                            ActField.number("speed", "Speed", SLOWEST, FASTEST, 100),
                            ActField.number("pitch", "Pitch", SLOWEST, FASTEST, 100)),
                    Right.ASK,
                    List.of("done")),
            named(PLAIN_AGAIN, "Take their own voice away from"),
            new Act(
                    SETTLE,
                    "Settle what waits for the host",
                    List.of(ActField.number("decision", "Number of the decision", 1, Long.MAX_VALUE / 2, 1)),
                    Right.ASK,
                    List.of("done")));

    private static Act plain(String name, String title) {
        return new Act(name, title, List.of(), Right.ASK, List.of("done"));
    }

    private static Act named(String name, String title) {
        return new Act(name, title, List.of(ActField.text("name", "Whom", LONGEST_NAME)), Right.ASK, List.of("done"));
    }

    public Reading {
        unwelcomeWords = List.copyOf(unwelcomeWords);
        spelled = List.copyOf(spelled);
    }

    @Override
    public String desk() {
        return DESK;
    }

    @Override
    public String id() {
        return DESK;
    }

    @Override
    public String name() {
        return "Voice";
    }

    @Override
    public List<Act> acts() {
        return ACTS;
    }

    @Override
    public Map<String, Boolean> values() {
        return Map.of("readingPaused", true, "readingBlocked", false);
    }

    /** How names and words are said, by their keys in small letters. */
    public Map<String, String> spellings() {
        Map<String, String> all = new LinkedHashMap<>();
        spelled.forEach(each -> {
            int cut = each.indexOf('=');
            if (cut > 0) {
                all.put(
                        each.substring(0, cut).strip().toLowerCase(Locale.ROOT),
                        each.substring(cut + 1).strip());
            }
        });
        return all;
    }

    /** The same where a name is said that way. @param said empty text for as it is written */
    public Reading saying(String name, String said) {
        String key = name.toLowerCase(Locale.ROOT);
        List<String> all = new ArrayList<>(spelled);
        all.removeIf(
                each -> each.split("=", 2)[0].strip().toLowerCase(Locale.ROOT).equals(key));
        if (!said.isEmpty()) {
            all.add(name + " = " + said);
        }
        return Records.with(this, Map.of("spelled", all));
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
