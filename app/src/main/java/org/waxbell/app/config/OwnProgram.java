package org.waxbell.app.config;

import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** This very program, begun once more as a helper of its own. */
public final class OwnProgram {
    private OwnProgram() {}

    /**
     * The same Java and the same program.
     *
     * @param main    the class that begins it where it is no single file
     * @param options of Java
     * @param word    what it is begun as
     */
    public static List<String> command(String main, List<String> options, String word) {
        String path = System.getProperty("java.class.path");
        List<String> command = new ArrayList<>();
        // What began this one may be a launcher, which takes no options of Java.
        Path java = Path.of(System.getProperty("java.home"), "bin", "java");
        command.add(
                Files.isExecutable(java)
                        ? java.toString()
                        : ProcessHandle.current().info().command().orElse("java"));
        command.add("-XX:+UseSerialGC");
        command.add("-XX:TieredStopAtLevel=1");
        // What this one starts quickly by is of use to its helper too.
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(each -> each.startsWith("-XX:SharedArchiveFile="))
                .forEach(command::add);
        command.addAll(options);
        command.addAll(path.matches("[^:;]+\\.jar") ? List.of("-jar", path) : List.of("-cp", path, main));
        command.add(word);
        return command;
    }
}
