package org.waxbell.keys;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.waxbell.check.Problems;

/**
 * What a wiring may do to this computer, as its owner listed it in a file.
 *
 * @param keys     that may be pressed whatever is in front, as {@link KeyName} has them
 * @param typing   whether text may be typed into whatever is in front
 * @param mouse    whether the mouse may be used whatever is in front
 * @param programs that may be started and ended
 */
public record Allowed(List<String> keys, boolean typing, boolean mouse, List<Program> programs) {
    private static final int MOST = 200;
    private static final int LONGEST_NAME = 60;

    /**
     * A program that may be started and ended, and what may be done while it is in front.
     *
     * @param name   by which wirings know it
     * @param run    the file that is run by its whole path, and what it is started with; a wiring can add nothing to that
     * @param keys   that may be pressed
     * @param typing whether text may be typed
     * @param mouse  whether the mouse may be used
     */
    public record Program(String name, List<String> run, List<String> keys, boolean typing, boolean mouse) {
        public Program {
            run = List.copyOf(run);
            keys = List.copyOf(keys);
        }

        private void check(Problems here) {
            here.at("name").text(name, LONGEST_NAME, "The name");
            if (run.isEmpty() || !run.get(0).matches("(/|[A-Za-z]:[\\\\/]).+")) {
                here.at("run")
                        .add(
                                run.isEmpty() ? "" : run.get(0),
                                "This is no file by its whole path.",
                                "Write it as the first of the list, such as [\"/usr/bin/xclock\", \"-digital\"].");
            }
            checkKeys(keys, here);
        }
    }

    public Allowed {
        keys = List.copyOf(keys);
        programs = List.copyOf(programs);
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        checkKeys(keys, problems);
        if (programs.size() > MOST) {
            problems.at("programs")
                    .add(programs.size(), "These are too many programs.", "Keep the " + MOST + " that cues use.");
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < programs.size(); i++) {
            Problems here = problems.at("programs", i);
            programs.get(i).check(here);
            if (!names.add(programs.get(i).name())) {
                here.at("name")
                        .add(programs.get(i).name(), "Another program has this name.", "Give each a name of its own.");
            }
        }
    }

    private static void checkKeys(List<String> keys, Problems problems) {
        for (int i = 0; i < keys.size(); i++) {
            if (KeyName.of(keys.get(i)).isEmpty()) {
                problems.at("keys", i)
                        .add(keys.get(i), "There is no such key.", "Write one such as F6, Ctrl+1, Space or ArrowLeft.");
            }
        }
    }

    /** The program of that name; empty where none is listed so. */
    public Optional<Program> program(String name) {
        return programs.stream().filter(each -> each.name().equals(name)).findFirst();
    }

    /** All keys that may be pressed somewhere, in order. */
    public List<String> allKeys() {
        return Stream.concat(keys.stream(), programs.stream().flatMap(each -> each.keys().stream()))
                .distinct()
                .toList();
    }

    /** Where that key may be pressed. */
    public InFront key(KeyName key) {
        return right(keys.contains(key.toString()), each -> each.keys().contains(key.toString()));
    }

    /** Where that may be done; programs are started and ended whatever is in front. @param words as {@link Verb} has them */
    public InFront verb(Verb verb, List<String> words) {
        return switch (verb) {
            case TYPE -> right(typing, Program::typing);
            case MOVE, CLICK -> right(mouse, Program::mouse);
            case START, END -> new InFront(program(words.get(0)).isPresent(), List.of());
        };
    }

    private InFront right(boolean anywhere, Predicate<Program> here) {
        return new InFront(
                anywhere, programs.stream().filter(here).map(Program::name).toList());
    }

    /** Why that cannot be done, as a sentence without its full stop; empty text where it can. @param file in which things are listed */
    public String refusal(Verb verb, List<String> words, String file) {
        if (verb(verb, words).given()) {
            return "";
        }
        return switch (verb) {
            case TYPE -> "typing is not allowed in " + file;
            case MOVE, CLICK -> "the mouse is not allowed in " + file;
            case START, END -> "the program " + words.get(0) + " is not listed in " + file;
        };
    }

    /** The same for a key. */
    public String refusal(KeyName key, String file) {
        return key(key).given() ? "" : "the key " + key + " is not listed in " + file;
    }
}
