package org.waxbell.app.config;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What the program is started with.
 *
 * @param data        the data folder
 * @param port        the port on 127.0.0.1; 0 takes any free one
 * @param demo        whether an empty data folder is filled with the demo evening
 * @param versionOnly whether only the version is asked for
 * @param without     documents that cannot be read and are set aside, each by kind and id, such as {@code stage/main}
 * @param newKeys     whether secrets that no key opens any more are given up
 * @param open        whether the console is shown in the browser as soon as it is there
 * @param toDisk      whether nothing counts as kept before the disk has it, so that a loss of power loses nothing either
 */
public record Options(
        Path data,
        int port,
        boolean demo,
        boolean versionOnly,
        Set<String> without,
        boolean newKeys,
        boolean open,
        boolean toDisk) {
    public Options {
        without = Set.copyOf(without);
    }

    /** The same as most starts are: with all documents and the key there is. */
    public static Options usual(Path data, int port, boolean demo) {
        return new Options(data, port, demo, false, Set.of(), false, false, false);
    }

    /** The port of the encrypted door, where there is one: the next one, or the one before the last of all. */
    public int securePort() {
        return port == LAST_PORT ? port - 1 : port + 1;
    }

    private static final int USUAL_PORT = 8087;
    private static final int LAST_PORT = 65_535;

    /** Reads the words of the command line, a demo or a start among them; throws {@link StartRefused} for one it does not know. */
    public static Options parse(String... words) {
        List<String> args = new ArrayList<>(List.of(words));
        boolean asDemo = args.remove("demo");
        args.remove("start");
        // Nobody's own evening is filled with made-up people by trying the demo.
        Path data = Path.of(System.getProperty("user.home"), asDemo ? ".waxbell-demo" : ".waxbell");
        int port = USUAL_PORT;
        boolean demo = asDemo;
        boolean open = false;
        boolean newKeys = false;
        boolean toDisk = false;
        Set<String> without = new HashSet<>();
        for (String arg : args) {
            if (arg.startsWith("--data=")) {
                data = Path.of(arg.substring("--data=".length()));
            } else if (arg.startsWith("--port=")) {
                port = port(arg.substring("--port=".length()));
            } else if (arg.startsWith("--without=")) {
                without.add(arg.substring("--without=".length()));
            } else if (arg.equals("--new-keys")) {
                newKeys = true;
            } else if (arg.equals("--to-disk")) {
                toDisk = true;
            } else if (arg.equals("--open")) {
                open = true;
            } else if (arg.equals("--demo")) {
                demo = true;
            } else if (arg.equals("--version")) {
                return new Options(data, port, false, true, Set.of(), false, false, false);
            } else {
                throw new StartRefused(
                        "Wax Bell does not know the option \"" + arg + "\".",
                        "It knows --data=FOLDER, --port=NUMBER, --demo, --open, --to-disk, --without=KIND/ID, --new-keys and --version.");
            }
        }
        return new Options(data.toAbsolutePath().normalize(), port, demo, false, without, newKeys, open, toDisk);
    }

    private static int port(String typed) {
        if (typed.matches("\\d{1,5}") && Integer.parseInt(typed) <= LAST_PORT) {
            return Integer.parseInt(typed);
        }
        throw new StartRefused(
                "\"" + typed + "\" is not a port.", "Give a number from 1 to " + LAST_PORT + ", such as --port=8090.");
    }
}
