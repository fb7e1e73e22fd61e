package org.waxbell.app.practice;

import java.util.List;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.mixer.MixerPicture.Filter;
import org.waxbell.mixer.MixerPicture.Item;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.mixer.MixerPicture.Scene;
import org.waxbell.mixer.MixerPicture.Source;
import tools.jackson.databind.node.ObjectNode;

/** How the practice mixer stands at first: three scenes, and sources of all five kinds. */
final class PracticePicture {
    /** The id of the browser source that it begins with. */
    static final String STAGE_SOURCE = "stage-main";

    private static final Place WHOLE = new Place(0, 0, 1_280, 720);

    private PracticePicture() {}

    static MixerPicture first(String stageAddress) {
        return new MixerPicture(
                1, "bench", scenes(), sources(stageAddress), false, false, WHOLE.width(), WHOLE.height());
    }

    /** One that was kept before it told the size of what is on programme. */
    static ObjectNode sized(ObjectNode kept) {
        return kept.put("width", WHOLE.width()).put("height", WHOLE.height());
    }

    private static List<Scene> scenes() {
        Item stage = new Item(STAGE_SOURCE, true, WHOLE);
        Item hum = new Item("hum", true, new Place(0, 0, 0, 0));
        return List.of(
                new Scene(
                        "bench",
                        "Bench camera",
                        List.of(
                                new Item("bench-camera", true, WHOLE),
                                new Item("crest", true, new Place(1_120, 40, 110, 110)),
                                new Item("tonight", false, new Place(56, 52, 620, 60)),
                                hum,
                                stage)),
                new Scene(
                        "kettle",
                        "Kettle camera",
                        List.of(
                                new Item("kettle-camera", true, WHOLE),
                                new Item("tonight", false, new Place(56, 52, 620, 60)),
                                hum,
                                stage)),
                new Scene(
                        "away",
                        "Back soon",
                        List.of(
                                new Item("backdrop", true, WHOLE),
                                new Item("rig", true, new Place(600, 320, 600, 336)),
                                hum)));
    }

    private static List<Source> sources(String stageAddress) {
        return List.of(
                new Source(
                        "bench-camera",
                        "Bench camera",
                        "camera",
                        "",
                        100,
                        false,
                        List.of(new Filter("warm", "Warm light", false)),
                        ""),
                new Source(
                        "kettle-camera",
                        "Kettle camera",
                        "camera",
                        "",
                        100,
                        false,
                        List.of(new Filter("warm", "Warm light", false)),
                        ""),
                picture("crest", "Crest"),
                picture("backdrop", "Backdrop"),
                new Source("tonight", "Tonight", "text", "Tonight: tall tapers", 100, false, List.of(), ""),
                new Source(
                        "hum",
                        "Workshop hum",
                        "sound",
                        "",
                        30,
                        true,
                        List.of(new Filter("muffle", "Muffled", false)),
                        ""),
                new Source("rig", "Dipping rig", "browser", "", 100, false, List.of(), "/rig"),
                new Source(STAGE_SOURCE, "Stage Main", "browser", "", 100, false, List.of(), stageAddress));
    }

    private static Source picture(String id, String name) {
        return new Source(id, name, "picture", "", 100, false, List.of(), "");
    }
}
