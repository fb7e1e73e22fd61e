package org.waxbell.app.speech;

import com.dylibso.chicory.compiler.MachineFactoryCompiler;
import com.dylibso.chicory.runtime.ImportValues;
import com.dylibso.chicory.runtime.Instance;
import com.dylibso.chicory.runtime.Machine;
import com.dylibso.chicory.wasi.WasiExitException;
import com.dylibso.chicory.wasi.WasiOptions;
import com.dylibso.chicory.wasi.WasiPreview1;
import com.dylibso.chicory.wasm.ChicoryException;
import com.dylibso.chicory.wasm.Parser;
import com.dylibso.chicory.wasm.WasmModule;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.port.Speech;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** The plain voice that ships: Flite in WebAssembly, inside this program. It is made ready once, when it is wanted first. */
@Component
@Order(30)
class ShippedSpeech implements Speech {
    /** Its voice by id. */
    static final String PLAIN = "plain";

    private static final String INSIDE = "/said";
    private static final String FILE = "speech.wav";

    private @Nullable WasmModule module;
    private @Nullable Function<Instance, Machine> machine;

    @Override
    public List<Voice> voices() {
        return List.of(new Voice(PLAIN, "Plain", "en", "ships with Wax Bell"));
    }

    /** Parses and compiles it, which takes a few seconds once. */
    @Override
    public synchronized void makeReady() {
        if (module != null) {
            return;
        }
        try (InputStream code = ShippedSpeech.class.getResourceAsStream("/voice/flite.wasm")) {
            if (code == null) {
                throw new IllegalStateException("the voice is not among the resources");
            }
            WasmModule parsed = Parser.parse(code);
            machine = MachineFactoryCompiler.compile(parsed);
            module = parsed;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Override
    public Spoken say(Utterance what, long limitMs) {
        makeReady();
        Path folder = null;
        try {
            folder = Files.createTempDirectory("said");
            run(folder, what);
            Path made = folder.resolve(FILE);
            return Files.exists(made)
                    ? Spoken.of(Files.readAllBytes(made))
                    : Spoken.failed("the plain voice made nothing");
        } catch (IOException | ChicoryException broken) {
            return Spoken.failed("the plain voice failed (" + broken.getMessage() + ")");
        } finally {
            ProgramSpeech.remove(folder);
        }
    }

    private void run(Path folder, Utterance what) {
        List<String> words = FliteWords.of("kal16", what);
        words.addAll(List.of("-t", what.text(), "-o", INSIDE + "/" + FILE));
        WasiOptions options = WasiOptions.builder()
                .withArguments(words)
                .withDirectory(INSIDE, folder)
                .build();
        try (WasiPreview1 wasi = WasiPreview1.builder().withOptions(options).build()) {
            Instance.builder(java.util.Objects.requireNonNull(module))
                    .withImportValues(ImportValues.builder()
                            .addFunction(wasi.toHostFunctions())
                            .build())
                    .withMachineFactory(java.util.Objects.requireNonNull(machine))
                    .build();
        } catch (WasiExitException over) {
            if (over.exitCode() != 0) {
                throw over;
            }
        }
    }
}
