package org.waxbell.app.json;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.engine.Ring;
import org.waxbell.journal.Decision;
import org.waxbell.shelf.Media;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.WiringDocument;
import org.waxbell.wiring.WiringPatch;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings documents that an older program wrote to the version that this one reads; each step is one method, newest last. */
final class Converters {
    private static final Map<Class<?>, Consumer<ObjectNode>> BY_TYPE = Map.of(
            WiringDocument.class,
            Converters::wiring,
            WiringPatch.class,
            Converters::patch,
            Cue.class,
            Converters::cue,
            Stage.class,
            Converters::stage,
            House.class,
            Converters::house,
            Decision.class,
            Converters::decision,
            Ring.class,
            Converters::ring,
            Media.class,
            Converters::media,
            DeskSheet.class,
            Converters::desk);

    /** Displays whose colours may be those of a look. */
    private static final List<String> PLATED = List.of("clock", "queue", "tasks", "tunes");

    private Converters() {}

    /** Whether documents of that type may have to be brought up to date. */
    static boolean concerns(Class<?> type) {
        return BY_TYPE.containsKey(type);
    }

    /** Changes {@code document} in place, from whatever version it has. */
    static void bringUp(JsonNode document, Class<?> type) {
        if (document instanceof ObjectNode node) {
            Objects.requireNonNull(BY_TYPE.get(type)).accept(node);
        }
    }

    private static int version(ObjectNode document) {
        return document.path("formatVersion").asInt(0);
    }

    /** Version 2 of a wiring brought desks that stand by themselves. */
    private static void wiring(ObjectNode wiring) {
        if (version(wiring) == 1) {
            wiring.put("formatVersion", 2).putArray("desks");
        }
    }

    /** What a recorded edit changed of desks was not told before there were any. */
    private static void patch(ObjectNode patch) {
        if (!patch.has("desks")) {
            patch.putArray("desks");
        }
    }

    /** Version 2 of rewards brought their pictures. */
    private static void desk(ObjectNode desk) {
        if (desk.path("kind").asString("").equals("rewards") && version(desk) == 1) {
            desk.put("formatVersion", 2);
            each(desk.path("rewards"), reward -> reward.put("picture", ""));
        }
    }

    private static void cue(ObjectNode cue) {
        if (version(cue) == 1) {
            cueTo2(cue);
        }
        if (version(cue) == 2) {
            // Version 3 brought what viewers are told of a cue; some documents of version 2 had it already.
            cue.put("formatVersion", 3)
                    .put("description", cue.path("description").asString(""))
                    .put("listed", cue.path("listed").asBoolean(true));
        }
        if (version(cue) == 3) {
            cueTo4(cue);
        }
        if (version(cue) == 4) {
            cueTo5(cue);
        }
        if (version(cue) == 5) {
            cue.put("formatVersion", 6);
            each(cue.path("takes"), take -> each(take.path("score").path("parts"), Converters::sound));
        }
        if (version(cue) == 6) {
            // Version 7 brought signed calls of web addresses, and what is read of them.
            cue.put("formatVersion", 7);
            each(cue.path("pulls"), pull -> {
                if (pull.path("kind").asString("").equals("webCall")) {
                    pull.put("signed", false).putArray("reads");
                }
            });
        }
    }

    /** Version 2 brought takes with rules, parts with manners, circles and prefixes. */
    private static void cueTo2(ObjectNode cue) {
        cue.put("formatVersion", 2).put("takeRule", "first");
        each(cue.path("pulls"), pull -> {
            if (pull.path("kind").asString("").equals("chatWord")) {
                pull.put("general", false).put("argument", "");
            }
        });
        each(cue.path("gates"), gate -> {
            if (gate.path("kind").asString("").equals("who")) {
                gate.putArray("circles");
            }
            if (gate.path("kind").asString("").equals("argument")) {
                gate.put("knownOnly", false);
            }
        });
        each(cue.path("takes"), take -> {
            take.put("name", "Main").put("when", "").put("weight", 1).put("spare", "");
            each(
                    take.path("score").path("parts"),
                    part -> part.putObject("manner")
                            .put("ifFails", "goOn")
                            .put("atOnce", false)
                            .put("toEnd", false));
        });
    }

    /** Version 4 brought portraits, and ways to come and go of a card's own. */
    private static void cueTo4(ObjectNode cue) {
        cue.put("formatVersion", 4);
        each(cue.path("takes"), take -> each(take.path("score").path("parts"), Converters::card));
    }

    /** Version 5 brought whose portrait a card shows, and that what is open to all may have to be allowed; what rang before still does. */
    private static void cueTo5(ObjectNode cue) {
        boolean[] dangerous = {false};
        each(
                cue.path("takes"),
                take -> each(take.path("score").path("parts"), part -> {
                    card(part);
                    dangerous[0] |= isDangerous(part);
                }));
        cue.put("formatVersion", 5).put("allTheSame", dangerous[0]);
    }

    /** What could do harm when version 5 came; parts that came later are in no document of version 4. */
    private static boolean isDangerous(ObjectNode part) {
        return part.path("amount").asLong(0) > 0
                || List.of("stream", "recording")
                        .contains(part.path("target").path("kind").asString(""));
    }

    /** A card as documents have it now; rings that began before have cards of their own. */
    private static void card(ObjectNode part) {
        if (!part.path("kind").asString("").equals("card")) {
            return;
        }
        if (!part.has("portrait")) {
            part.put("portrait", "").put("entry", "").put("exit", "");
        }
        if (part.path("portrait").isBoolean()) {
            part.put("portrait", part.path("portrait").asBoolean() ? "viewer" : "");
        }
    }

    /** Version 6 brought a part of a sound, and fades. */
    private static void sound(ObjectNode part) {
        if (part.path("kind").asString("").equals("sound") && !part.has("fadeInMs")) {
            part.put("fromMs", 0).put("toMs", 0).put("fadeInMs", 0).put("fadeOutMs", 0);
        }
    }

    /** What lies on the shelf told no gain and no weight before. */
    private static void media(ObjectNode media) {
        if (!media.has("weight")) {
            media.put("gain", 0).put("weight", 1);
        }
    }

    /** Parts of a ring that is under way. */
    private static void ring(ObjectNode ring) {
        each(ring.path("parts"), run -> {
            if (run.path("part") instanceof ObjectNode part) {
                card(part);
                sound(part);
            }
            if (run.path("settled").path("media") instanceof ObjectNode media) {
                media(media);
            }
        });
        each(ring.path("spare").path("parts"), part -> {
            card(part);
            sound(part);
        });
    }

    /** Version 2 of the house brought hints to staff, version 3 looks, version 4 how text is read aloud, 5 circles by what people did and shutters, 6 circles by rule. */
    private static void house(ObjectNode house) {
        if (version(house) == 1) {
            house.put("formatVersion", 2).put("hints", true);
        }
        if (version(house) == 2) {
            house.put("formatVersion", 3).putArray("looks");
        }
        if (version(house) == 3) {
            house.put("formatVersion", 4);
            ObjectNode reading = house.putObject("reading")
                    .put("voice", "")
                    .put("speed", 100)
                    .put("pitch", 100)
                    .put("links", "instead")
                    .put("linkWords", "a link")
                    .put("signs", "hold")
                    .put("repeats", "leave")
                    .put("senseless", "hold")
                    .put("senselessFrom", 53)
                    .put("unwelcome", "instead")
                    .put("tooLong", "leave")
                    .put("longest", 240)
                    .put("standIn", "something");
            reading.putArray("unwelcomeWords");
            reading.putArray("spelled");
        }
        if (version(house) == 4) {
            each(house.path("circles"), circle -> circle.put("by", "hand").put("first", 3));
            house.put("formatVersion", 5)
                    .putObject("shutters")
                    .put("floodLines", 0)
                    .put("forMs", 600_000);
        }
        if (version(house) == 5) {
            each(house.path("circles"), circle -> circle.put("rule", ""));
            house.put("formatVersion", 6).putArray("filters");
        }
    }

    /** Version 2 of a stage brought outlets that make others quieter, version 3 frames, fixtures and backdrops, version 4 outlets with a page of their own, version 5 sources of the mixer that are quieter meanwhile, version 6 looks of displays. */
    private static void stage(ObjectNode stage) {
        if (version(stage) == 1) {
            stage.put("formatVersion", 2);
            each(stage.path("outlets"), outlet -> outlet.put("quietTo", 100).putArray("quietens"));
        }
        if (version(stage) == 2) {
            stage.put("formatVersion", 3).put("backdrop", "").putArray("fixtures");
            each(stage.path("spots"), spot -> {
                ObjectNode frame = spot.putObject("frame");
                List.of("x", "y", "width", "height").forEach(name -> frame.set(name, spot.remove(name)));
                frame.put("layer", 0).put("locked", false);
            });
        }
        if (version(stage) == 3) {
            stage.put("formatVersion", 4);
            each(stage.path("outlets"), outlet -> outlet.put("apart", false));
        }
        if (version(stage) == 4) {
            stage.put("formatVersion", 5);
            each(stage.path("outlets"), outlet -> outlet.put("source", "").put("sourceTo", 40));
        }
        if (version(stage) == 5) {
            stage.put("formatVersion", 6);
            each(stage.path("fixtures"), fixture -> {
                if (PLATED.contains(fixture.path("kind").asString(""))) {
                    fixture.put("look", "");
                }
            });
        }
    }

    private static void decision(ObjectNode decision) {
        event(decision.path("event"));
        each(decision.path("cues"), answer -> {
            if (!answer.has("take")) {
                answer.put("take", "");
            }
        });
    }

    /** Who tried a cue was not known before. */
    private static void event(JsonNode event) {
        if (event instanceof ObjectNode node && node.path("kind").asString("").equals("tried") && !node.has("actor")) {
            node.set("actor", host(node));
        }
    }

    private static ObjectNode host(ObjectNode near) {
        return near.objectNode().put("origin", "host").put("id", "");
    }

    /** A step of a script; who did it may be left out, and was before. */
    static void step(JsonNode step) {
        if (step instanceof ObjectNode node) {
            event(node.path("event"));
            if (List.of("hush", "stopped").contains(node.path("kind").asString("")) && !node.has("by")) {
                node.set("by", host(node));
            }
        }
    }

    private static void each(JsonNode list, Consumer<ObjectNode> change) {
        list.forEach(item -> {
            if (item instanceof ObjectNode node) {
                change.accept(node);
            }
        });
    }
}
