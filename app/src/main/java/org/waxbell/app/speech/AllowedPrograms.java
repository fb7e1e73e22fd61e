package org.waxbell.app.speech;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.json.Documents;
import org.waxbell.port.Speech;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;
import tools.jackson.core.JacksonException;

/**
 * Programs that the owner has allowed on disk to speak: one file for each in the folder {@code voices}, never from a page.
 * {@code {speed}} and {@code {pitch}} in its arguments become percent.
 */
@Component
@Order(10)
final class AllowedPrograms implements Speech {
    private static final Logger LOG = LoggerFactory.getLogger(AllowedPrograms.class);
    private static final String ENDING = ".json";
    private static final String OWN = "own:";
    private final Path folder;
    private final Documents json;

    AllowedPrograms(DataFolder data, Documents json) {
        this.folder = data.voices();
        this.json = json;
    }

    /** What such a file says. @param command program and arguments; it gets text on its standard input and writes a WAV on its standard output */
    record Allowed(String name, String language, List<String> command) {}

    private Map<String, Allowed> all() {
        Map<String, Allowed> all = new LinkedHashMap<>();
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(each -> each.toString().endsWith(ENDING)).sorted().forEach(each -> {
                String file = each.getFileName().toString();
                try {
                    Allowed allowed = json.read(Files.readString(each), Allowed.class);
                    if (!allowed.command().isEmpty()) {
                        all.put(OWN + file.substring(0, file.length() - ENDING.length()), allowed);
                    }
                } catch (JacksonException | IOException unreadable) {
                    LOG.warn("The voice {} cannot be read: {}", file, unreadable.getMessage());
                }
            });
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
        return all;
    }

    @Override
    public List<Voice> voices() {
        List<Voice> voices = new ArrayList<>();
        all().forEach((id, each) ->
                voices.add(new Voice(id, each.name(), each.language(), "allowed on this computer")));
        return voices;
    }

    @Override
    public Spoken say(Utterance what, long limitMs) {
        Allowed allowed = all().get(what.voice());
        return allowed == null
                ? Spoken.failed("the voice is no longer allowed on this computer")
                : ProgramSpeech.run(
                        allowed.command().stream()
                                .map(each -> each.replace("{speed}", Integer.toString(what.speed()))
                                        .replace("{pitch}", Integer.toString(what.pitch())))
                                .toList(),
                        what.text(),
                        limitMs);
    }
}
