package org.waxbell.app.speech;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.util.FileSystemUtils;
import org.waxbell.port.Speech.Spoken;

/** Runs one program that takes text and writes a WAV: never by a shell, with an end to its time and to what it may write. */
final class ProgramSpeech {
    private static final int MOST_BYTES = 64 << 20;

    private ProgramSpeech() {}

    /** What it wrote into a file. @param command of the file with the text, and of the file to be written */
    static Spoken filed(BiFunction<String, String, List<String>> command, String text, long limitMs) {
        Path folder = null;
        try {
            folder = Files.createTempDirectory("said");
            Path said = Files.writeString(folder.resolve("words.txt"), text);
            Path made = folder.resolve("speech.wav");
            Spoken spoken = run(command.apply(said.toString(), made.toString()), "", limitMs);
            return spoken.isMade() && Files.exists(made) ? Spoken.of(Files.readAllBytes(made)) : spoken;
        } catch (IOException full) {
            return Spoken.failed("nothing can be written where temporary files go");
        } finally {
            remove(folder);
        }
    }

    static void remove(@Nullable Path folder) {
        try {
            FileSystemUtils.deleteRecursively(folder);
        } catch (IOException left) {
            java.util.Objects.requireNonNull(folder).toFile().deleteOnExit();
        }
    }

    /** What it wrote on its standard output. @param command program and arguments @param text given on its standard input */
    static Spoken run(List<String> command, String text, long limitMs) {
        Process program;
        try {
            program = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException gone) {
            return Spoken.failed("the program " + command.get(0) + " cannot be started");
        }
        try {
            CompletableFuture<byte[]> wrote = CompletableFuture.supplyAsync(() -> read(program.getInputStream()));
            CompletableFuture<Void> told = CompletableFuture.runAsync(() -> write(program.getOutputStream(), text));
            byte[] wav = wrote.get(limitMs, TimeUnit.MILLISECONDS);
            told.get(limitMs, TimeUnit.MILLISECONDS);
            if (!program.waitFor(limitMs, TimeUnit.MILLISECONDS)) {
                throw new TimeoutException();
            }
            return program.exitValue() == 0
                    ? Spoken.of(wav)
                    : Spoken.failed("the program " + command.get(0) + " ended with " + program.exitValue());
        } catch (TimeoutException late) {
            return Spoken.failed("the program " + command.get(0) + " took longer than " + limitMs + " ms");
        } catch (ExecutionException broken) {
            return Spoken.failed("the program " + command.get(0) + " broke off");
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
            return Spoken.failed("Wax Bell is being stopped");
        } finally {
            program.descendants().forEach(ProcessHandle::destroyForcibly);
            program.destroyForcibly();
        }
    }

    private static byte[] read(InputStream from) {
        try (from) {
            return from.readNBytes(MOST_BYTES);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** A program that does not read all of it is no fault by itself. */
    private static void write(OutputStream to, String text) {
        try (to) {
            to.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException deaf) {
            return;
        }
    }
}
