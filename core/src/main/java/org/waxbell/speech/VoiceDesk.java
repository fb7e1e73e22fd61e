package org.waxbell.speech;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Desk;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.voice.Looked;
import org.waxbell.voice.Reading;

/** Says how a text is to be said, by whom nothing is said, and in whose voice. What is heard and what waits is a matter of rings. */
public final class VoiceDesk implements Desk<Reading, VoiceState> {
    private static final Book<VoiceState> BOOK = new Book<>(Reading.DESK, VoiceState.class);

    @Override
    public String title() {
        return "Voice";
    }

    @Override
    public Class<Reading> documents() {
        return Reading.class;
    }

    @Override
    public Book<VoiceState> book() {
        return BOOK;
    }

    @Override
    public VoiceState fresh(Reading document) {
        return VoiceState.NEW;
    }

    @Override
    public Answer<VoiceState> ask(Reading reading, VoiceState now, Ask ask, Surroundings evening) {
        String name = ask.text("name").strip();
        return switch (ask.act().name()) {
            case Reading.SAY -> say(reading, now, ask);
            case Reading.PAUSE -> done(now.halting(true), "the voice is paused: what comes waits for you");
            case Reading.RESUME -> done(now.halting(false), "the voice speaks again");
            case Reading.SETTLE ->
                done(now.settling(Long.parseLong(ask.text("decision").strip())), "settled");
            case Reading.BLOCK ->
                name.isEmpty() ? nobody(now) : done(now.blocking(name, true), "nothing is said for " + name);
            case Reading.UNBLOCK -> done(now.blocking(name, false), "what " + name + " writes is said again");
            case Reading.OWN ->
                name.isEmpty()
                        ? nobody(now)
                        : done(
                                now.giving(
                                        name,
                                        new OwnVoice(
                                                name, ask.text("voice"), ask.number("speed"), ask.number("pitch"))),
                                name + " has a voice of their own");
            default -> done(now.taking(name), name + " is read in the usual voice");
        };
    }

    private static Answer<VoiceState> done(VoiceState next, String says) {
        return Answer.done(next, "done", says, Map.of());
    }

    private static Answer<VoiceState> nobody(VoiceState now) {
        return Answer.refused(now, "nobody", "nobody is named");
    }

    private static Answer<VoiceState> say(Reading reading, VoiceState now, Ask ask) {
        String viewer = ask.viewer().map(Viewer::name).orElse("");
        if (now.blocked().containsKey(VoiceState.key(viewer))) {
            return Answer.refused(now, "blocked", "nothing is said for " + viewer);
        }
        String text = ask.text("text");
        List<String> written = pieces(ask.text("written"));
        for (String piece : written) {
            text = text.replace(piece, Looked.at(piece, reading).text());
        }
        // What was kept from before was not looked at when this rang.
        for (String piece : pieces(ask.text("kept"))) {
            Looked looked = Looked.at(piece, reading);
            if (looked.held() || looked.asks()) {
                return Answer.refused(now, "keptOut", looked.verdict());
            }
            text = text.replace(piece, looked.text());
        }
        text = Looked.plain(text);
        if (text.codePoints().noneMatch(Character::isLetterOrDigit)) {
            return Answer.refused(now, "nothing", "nothing is left to say");
        }
        OwnVoice own = written.isEmpty() ? null : now.own().get(VoiceState.key(viewer));
        Map<String, String> said = new HashMap<>();
        said.put("text", text);
        said.put("voice", first(own == null ? "" : own.voice(), ask.text("voice"), reading.voice()));
        said.put("speed", percent(own == null ? 0 : own.speed(), ask.number("speed"), reading.speed()));
        said.put("pitch", percent(own == null ? 0 : own.pitch(), ask.number("pitch"), reading.pitch()));
        return Answer.done(now, "said", text, said);
    }

    /** The longest piece first, for a shorter one may stand in it. */
    private static List<String> pieces(String joined) {
        return Arrays.stream(joined.split(Reading.BETWEEN))
                .filter(each -> !each.isBlank())
                .sorted(Comparator.comparingInt(String::length).reversed())
                .toList();
    }

    private static String first(String... choices) {
        return Arrays.stream(choices)
                .filter(each -> !each.isEmpty())
                .findFirst()
                .orElse("");
    }

    /** The first that is set. */
    private static String percent(int... choices) {
        return Integer.toString(
                Arrays.stream(choices).filter(each -> each > 0).findFirst().orElse(100));
    }

    @Override
    public Map<String, Object> values(Reading reading, VoiceState now, long at, String person) {
        return Map.of(
                "readingPaused",
                now.halted() ? 1L : 0L,
                "readingBlocked",
                String.join("\n", now.blocked().keySet()));
    }
}
