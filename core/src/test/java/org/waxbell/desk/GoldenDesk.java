package org.waxbell.desk;

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
import java.util.function.Supplier;
import org.waxbell.Samples;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Fact;
import org.waxbell.event.Viewer;

/** Plays an evening at a desk from a file and compares its whole journal with the one that was read and found right. */
public final class GoldenDesk {
    private final OnDesk<?, ?> on;
    private final Supplier<String> stands;
    private final long begin;
    private final List<String> journal = new ArrayList<>();
    private final Map<String, String> calledNow = new HashMap<>();
    private String stood = "";

    /** @param stands how the desk stands, in one line */
    public GoldenDesk(OnDesk<?, ?> on, Supplier<String> stands) {
        this.on = on;
        this.stands = stands;
        this.begin = on.at;
    }

    /** The evening of that name goes as it is written. */
    public void goesAsWritten(String name) throws IOException {
        for (String line : read(name + ".script").lines().toList()) {
            if (!line.isBlank() && !line.startsWith("#")) {
                play(line.split(" ", 3));
            }
        }
        assertThat(String.join("\n", journal))
                .isEqualToIgnoringNewLines(read(name + ".journal").stripTrailing());
    }

    private void play(String[] words) {
        on.at = begin + Long.parseLong(words[0]) * 1_000;
        Outcome meanwhile = on.engine.wake(on.at);
        if (!meanwhile.decisions().isEmpty()) {
            write(words[0], "time passes", meanwhile);
        }
        if (words[1].equals("restart")) {
            on.restart();
            journal.add(words[0] + "  restart");
        } else if (words[1].equals("host")) {
            String[] act = words[2].split(" ", 2);
            List<String> with = new ArrayList<>();
            for (String each : act.length == 1 ? new String[0] : act[1].split(" ")) {
                with.addAll(List.of(each.replace('+', ' ').split("=", 2)));
            }
            write(words[0], "host presses " + words[2], on.host(act[0], with.toArray(String[]::new)));
        } else if (!words[1].equals("wait")) {
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
        Viewer viewer = OnDesk.viewer(calledNow.getOrDefault(name, name), name.equals("marshlight_ines") ? 14 : 0);
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
        OnDesk.said(outcome).lines().forEach(each -> journal.add("     says " + each));
        String now = "     " + stands.get();
        if (!now.equals(stood)) {
            journal.add(now);
            stood = now;
        }
    }

    private static String read(String name) throws IOException {
        try (InputStream in = Objects.requireNonNull(GoldenDesk.class.getResourceAsStream("/golden/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
