package org.waxbell.turns;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Fact;
import org.waxbell.event.Viewer;

/** Plays an evening of turns from a file and compares its whole journal with the one that was read and found right. */
class GoldenTurnsTest {
    private final OnQueue on = new OnQueue(Map.of(
            "first", First.MEMBERS, "note", Queue.Note.MUST, "pattern", "[a-z, ]+", "most", 4, "again", Again.ONCE));
    private final long begin = on.at;
    private final List<String> journal = new ArrayList<>();
    private final Map<String, String> calledNow = new HashMap<>();
    private String stood = "";

    @Test
    void anEveningOfTurnsGoesAsWritten() throws IOException {
        for (String line : read("an-evening-of-turns.script").lines().toList()) {
            if (!line.isBlank() && !line.startsWith("#")) {
                play(line.split(" ", 3));
            }
        }
        assertThat(String.join("\n", journal))
                .isEqualToIgnoringNewLines(read("an-evening-of-turns.journal").stripTrailing());
    }

    private void play(String[] words) {
        on.at = begin + Long.parseLong(words[0]) * 1_000;
        if (words[1].equals("restart")) {
            on.restart();
            journal.add(words[0] + "  restart");
        } else if (words[1].equals("host")) {
            String[] act = words[2].split(" ", 2);
            List<String> with = new ArrayList<>();
            for (String each : act.length == 1 ? new String[0] : act[1].split(" ")) {
                with.addAll(List.of(each.split("=", 2)));
            }
            write(words[0], "host presses " + words[2], on.host(act[0], with.toArray(String[]::new)));
        } else {
            write(words[0], words[1] + ": " + words[2], on.engine.accept(on.at, Samples.line(who(words[1]), words[2])));
        }
    }

    /** Who is renamed keeps the identity. */
    private Viewer who(String written) {
        String[] names = written.split("=");
        if (names.length > 1) {
            calledNow.put(names[1], names[0]);
        }
        String name = names[names.length - 1];
        if (name.equals("captain_sedge")) {
            return Samples.SEDGE;
        }
        Viewer viewer = OnQueue.viewer(calledNow.getOrDefault(name, name), name.equals("marshlight_ines") ? 14 : 0);
        return new Viewer(viewer.id(), name, viewer.standings(), viewer.months());
    }

    private void write(String at, String what, Outcome outcome) {
        journal.add(String.format(Locale.ROOT, "%s  %s", at, what));
        outcome.decisions().forEach(each -> {
            if (each.event() instanceof Fact fact && fact.what().isTold()) {
                journal.add("     " + fact.sentence());
            } else if (!each.note().isEmpty()) {
                journal.add("     → " + each.note());
            }
        });
        OnQueue.said(outcome).lines().forEach(each -> journal.add("     says " + each));
        String stands = "     up " + on.up() + " wait " + on.waiting();
        if (!stands.equals(stood)) {
            journal.add(stands);
            stood = stands;
        }
    }

    private static String read(String name) throws IOException {
        try (InputStream in =
                Objects.requireNonNull(GoldenTurnsTest.class.getResourceAsStream("/golden/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
