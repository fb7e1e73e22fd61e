package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.directive.Directive;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.Standing;
import org.waxbell.score.Anchor;

/** Replays a file of lines and compares the whole journal with the one that was read and found right. */
class GoldenScriptTest {
    private final List<String> journal = new ArrayList<>();
    private final Engine engine = Samples.engine(
            Samples.book(
                    Samples.pour(),
                    Samples.cue(
                            "ring-the-bell",
                            List.of("!bell"),
                            List.of(Samples.only(Standing.MODERATOR, Standing.VIP)),
                            Samples.card("card", new Anchor.At(0), 3_000))),
            EngineState.fresh(20_261_123));

    @Test
    void theFirstRingGoesAsWritten() throws IOException {
        for (String line : read("first-ring.script").lines().toList()) {
            if (!line.isBlank() && !line.startsWith("#")) {
                play(line.split(" ", 3));
            }
        }
        write(engine.wake(600_000));
        assertThat(String.join("\n", journal))
                .isEqualToIgnoringNewLines(read("first-ring.journal").stripTrailing());
    }

    private void play(String[] words) {
        long at = Long.parseLong(words[0]);
        write(engine.wake(at));
        if (words[1].equals("hush")) {
            write(engine.hush(at, Actor.HOST));
            return;
        }
        Standing standing = words[1].equals("captain_sedge") ? Standing.MODERATOR : Standing.FOLLOWER;
        write(engine.accept(at, Samples.line(Samples.viewer(words[1], standing), words[2])));
    }

    private void write(Outcome outcome) {
        outcome.decisions().forEach(each -> add(each.at(), each.event().sentence() + " → " + each.sentence()));
        outcome.directives().forEach(each -> add(each.meantFor(), each.partRun() + " " + brief(each)));
        outcome.now(Books.RINGS).stream()
                .filter(ring -> !ring.state().isActive())
                .forEach(ring -> add(
                        ring.over(),
                        "ring " + ring.number() + " " + ring.state().name().toLowerCase(Locale.ROOT)
                                + (ring.note().isEmpty() ? "" : ": " + ring.note())));
    }

    private void add(long at, String text) {
        journal.add(String.format(Locale.ROOT, "%7d  %s", at, text));
    }

    private static String brief(Directive directive) {
        if (directive instanceof ShowCard card) {
            return "card " + card.title() + " for " + card.lengthMs();
        }
        if (directive instanceof PlaySound sound) {
            return "sound " + sound.media() + " for " + sound.lengthMs();
        }
        return directive instanceof SayInChat say ? "says " + say.text() : directive instanceof HushAll ? "hush" : "?";
    }

    private static String read(String name) throws IOException {
        try (InputStream in =
                Objects.requireNonNull(GoldenScriptTest.class.getResourceAsStream("/golden/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
