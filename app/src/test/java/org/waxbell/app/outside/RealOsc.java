package org.waxbell.app.outside;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A real receiver of Open Sound Control, which writes down what reaches it, and a real sender; from Debian's packages. */
public final class RealOsc implements AutoCloseable {
    private final Process receiver;
    private final Path file;

    /** @param where a port, or an address such as {@code osc.tcp://:9000/} @param file where it writes what it hears */
    public RealOsc(String where, Path file) {
        this.file = file;
        try {
            receiver = new ProcessBuilder(program("oscdump"), "-L", where)
                    .redirectErrorStream(true)
                    .redirectOutput(file.toFile())
                    .start();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** What it heard so far, a message a line. */
    public String heard() {
        try {
            return Files.readString(file);
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** Whether it heard something that has this in its line. */
    public boolean heard(String text) {
        return heard().contains(text);
    }

    /** Sends a message. @param to the words of {@code oscsend} that say where to @param words address, types, values */
    public static boolean send(List<String> to, String... words) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(program("oscsend")));
        command.addAll(to);
        command.addAll(List.of(words));
        return new ProcessBuilder(command).start().waitFor() == 0;
    }

    private static String program(String name) {
        Path found = Path.of("/usr/bin", name);
        if (!Files.isExecutable(found)) {
            throw new IllegalStateException(
                    name + " is missing; ./waxbell test installs it: apt-get install liblo-tools");
        }
        return found.toString();
    }

    @Override
    public void close() {
        receiver.destroy();
    }
}
