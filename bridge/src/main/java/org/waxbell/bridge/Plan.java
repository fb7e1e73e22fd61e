package org.waxbell.bridge;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.mixer.MixerPicture.Item;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.mixer.MixerPicture.Scene;
import org.waxbell.mixer.MixerPicture.Source;

/**
 * The file that a bridge is started with: what the program behind it has, and how it is told and heard.
 *
 * @param program what the mixer is called on Wax Bell's Links
 * @param port    where Wax Bell finds it, on this computer
 * @param osc     absent where the program is told by keys alone
 * @param does    what a change becomes; the first that fits counts
 * @param hears   what a message of the program means
 */
record Plan(
        String program,
        int port,
        int width,
        int height,
        List<Stand> scenes,
        List<Thing> sources,
        Osc osc,
        List<Rule> does,
        List<Heard> hears) {
    private static final int LAST_PORT = 65_535;

    Plan {
        program = program == null || program.isBlank() ? "A bridge" : program;
        scenes = orNone(scenes);
        sources = orNone(sources);
        does = orNone(does);
        hears = orNone(hears);
    }

    private static <T> List<T> orNone(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    /** A scene. @param items ids of the sources in it, the hindmost first */
    record Stand(String id, String name, List<String> items) {
        Stand {
            name = name == null ? id : name;
            items = orNone(items);
        }
    }

    /** A source. @param kind as the mixer link names them, such as {@code camera} */
    record Thing(String id, String name, String kind) {
        Thing {
            name = name == null ? id : name;
            kind = kind == null ? "picture" : kind;
        }
    }

    /** Where the program hears, and where it is heard. @param hear a port of this computer; 0 for none */
    record Osc(String host, int port, int hear) {
        Osc {
            host = host == null ? "127.0.0.1" : host;
        }
    }

    /** Adds what is wrong with it. */
    void check(Problems problems) {
        port(port, problems.at("port"));
        Set<String> known = names("sources", sources.stream().map(Thing::id).toList(), problems);
        names("scenes", scenes.stream().map(Stand::id).toList(), problems);
        if (scenes.isEmpty()) {
            problems.at("scenes").add("", "There are none.", "Write at least one, such as {\"id\": \"bench\"}.");
        }
        for (int i = 0; i < scenes.size(); i++) {
            for (String item : scenes.get(i).items()) {
                if (!known.contains(item)) {
                    problems.at("scenes", i).at("items").add(item, "It is none of the sources.", "Add it there.");
                }
            }
        }
        if (osc != null) {
            port(osc.port(), problems.at("osc").at("port"));
            if (osc.hear() != 0) {
                port(osc.hear(), problems.at("osc").at("hear"));
            }
        }
        for (int i = 0; i < does.size(); i++) {
            does.get(i).check(osc != null, problems.at("does", i));
        }
        if (!hears.isEmpty() && (osc == null || osc.hear() == 0)) {
            problems.at("osc")
                    .at("hear")
                    .add(
                            "",
                            "There are rules in \"hears\", and no port is heard.",
                            "Write one, such as \"hear\": 7001.");
        }
        for (int i = 0; i < hears.size(); i++) {
            hears.get(i).check(problems.at("hears", i));
        }
    }

    private static void port(int port, Problems here) {
        here.within(port, 1, LAST_PORT, "The port", "");
    }

    private static Set<String> names(String where, List<String> ids, Problems problems) {
        Set<String> known = new HashSet<>();
        for (int i = 0; i < ids.size(); i++) {
            String id = ids.get(i);
            Problems here = problems.at(where, i).at("id");
            if (id == null || id.isBlank() || id.contains("/")) {
                here.add(id, "It is no name.", "Write a short one without /.");
            } else if (!known.add(id)) {
                here.add(id, "It stands there twice.", "Give one of them another name.");
            }
        }
        return known;
    }

    /** How the mixer stands before anything was heard: the first scene is on programme, everything is shown. */
    MixerPicture picture() {
        Place whole = new Place(0, 0, width, height);
        return new MixerPicture(
                1,
                scenes.get(0).id(),
                scenes.stream()
                        .map(each -> new Scene(
                                each.id(),
                                each.name(),
                                each.items().stream()
                                        .map(item -> new Item(item, true, whole))
                                        .toList()))
                        .toList(),
                sources.stream()
                        .map(each -> new Source(each.id(), each.name(), each.kind(), "", 100, false, List.of(), ""))
                        .toList(),
                false,
                false,
                width,
                height);
    }
}
