package org.waxbell.desk;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.act.DeskDocument;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.event.Standing;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.score.Anchor;
import org.waxbell.score.AskPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;

/**
 * Makes the chat words that something which a desk runs begins with.
 *
 * @param about how it is named in asks
 * @param rack  the id of their rack
 */
public record ChatWords(DeskDocument document, String about, String rack) {
    /** At the beginning. */
    public static final Anchor NOW = new Anchor.At(0);
    /** A rest for whom and for all. */
    public static final Gate CALM = new CooldownGate(15_000, 60_000);
    /** Only the host and moderators. */
    public static final Gate MODERATORS =
            new WhoGate(Set.of(Standing.HOST, Standing.MODERATOR), 0, List.of(), List.of(), List.of());

    private static final long LONGEST_WAIT = 60_000;

    /** A name as it stands in words: what stands in braces or after an apostrophe would mean something there. */
    public static String plain(String name) {
        return name.replaceAll("[{}']", "");
    }

    /** An answer in chat. @param after the part that it follows, empty text for the beginning */
    public static Part says(String after, String words) {
        return new ReplyPart("say", after.isEmpty() ? NOW : new Anchor.After(after, 0), words, Manner.PLAIN);
    }

    /** A part that asks the desk, called {@code ask}. */
    public Part asking(String act, Map<String, String> with) {
        return new AskPart("ask", NOW, document.desk(), about, act, with, Manner.PLAIN);
    }

    /** A chat word that asks the desk and answers what it says, also where it refuses. @param behind what stands behind the id in its own id and word */
    public Cue asks(String behind, String name, List<Gate> gates, String act, Map<String, String> with) {
        return cue(behind, name, gates, asking(act, with), says("ask", "{askAnswer}"));
    }

    /** A chat word with these parts. @param behind what stands behind the id in its own id and word, such as {@code -left}; empty text for nothing */
    public Cue cue(String behind, String name, List<Gate> gates, Part... parts) {
        return cue(document.id() + behind, (document.id() + behind).replace("-", ""), name, gates, parts);
    }

    /** A chat word of its own with these parts. @param word without a sign */
    public Cue called(String word, String name, List<Gate> gates, Part... parts) {
        return cue(document.id() + "-" + word, word, name, gates, parts);
    }

    private Cue cue(String id, String word, String name, List<Gate> gates, Part... parts) {
        return new Cue(
                Cue.FORMAT,
                id,
                name,
                "",
                true,
                rack,
                true,
                List.of(new ChatWordPull(List.of(word), true, "")),
                gates,
                List.of(),
                List.of(Take.only(new Score(List.of(parts)))),
                TakeRule.FIRST,
                Urgency.USUAL,
                LONGEST_WAIT,
                false);
    }
}
