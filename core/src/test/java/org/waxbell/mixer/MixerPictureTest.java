package org.waxbell.mixer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerPicture.Filter;
import org.waxbell.mixer.MixerPicture.Item;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.mixer.MixerPicture.Scene;
import org.waxbell.mixer.MixerPicture.Source;
import org.waxbell.mixer.MixerPicture.Standing;

/** How targets of the mixer stand, by the names that cues use. */
class MixerPictureTest {
    private static final Place WHOLE = new Place(0, 0, 1_280, 720);
    private static final MixerPicture PICTURE = new MixerPicture(
            4,
            "bench",
            List.of(
                    new Scene(
                            "bench", "Bench", List.of(new Item("label", false, WHOLE), new Item("stage", true, WHOLE))),
                    new Scene("kettle", "Kettle", List.of(new Item("label", true, new Place(1, 2, 3, 4))))),
            List.of(
                    new Source(
                            "label", "Label", "text", "hello", 60, true, List.of(new Filter("warm", "Warm", true)), ""),
                    new Source("stage", "Stage", "browser", "", 100, false, List.of(), "http://x/stage#k=1")),
            true,
            false,
            1_280,
            720);

    private static final List<String> MAIN = PICTURE.loading(address -> address.endsWith("k=1"));

    private static String value(Target.Kind kind, String name) {
        return PICTURE.valueOf(new Target(kind, name)).orElse("none");
    }

    @Test
    void whatIsLargerThanTheProgrammeIsScaledAndSaid() {
        assertThat(PICTURE.fitted(1_920, 1_080)).isEqualTo(WHOLE);
        assertThat(PICTURE.fitted(1_920, 720)).isEqualTo(new Place(0, 0, 1_280, 480));
        assertThat(PICTURE.fitted(640, 360)).isEqualTo(new Place(0, 0, 640, 360));
        assertThat(MixerPicture.NONE.fitted(1_920, 1_080)).isEqualTo(new Place(0, 0, 1_920, 1_080));
        assertThat(PICTURE.cropping(MAIN)).isEmpty();
        MixerPicture moved =
                PICTURE.withItems("", "stage", item -> new Item("stage", true, new Place(0, 0, 1_920, 1_080)));
        assertThat(moved.cropping(MAIN)).containsExactly("Bench");
    }

    @Test
    void everyKindOfTargetHasItsValue() {
        assertThat(value(Target.Kind.SCENE, "")).isEqualTo("bench");
        assertThat(value(Target.Kind.SOURCE, "label")).as("shown somewhere").isEqualTo("shown");
        assertThat(value(Target.Kind.SOURCE, "bench/label")).isEqualTo("hidden");
        assertThat(value(Target.Kind.PLACE, "kettle/label")).isEqualTo("1,2,3,4");
        assertThat(value(Target.Kind.TEXT, "label")).isEqualTo("hello");
        assertThat(value(Target.Kind.LEVEL, "label")).isEqualTo("60");
        assertThat(value(Target.Kind.MUTE, "label")).isEqualTo("muted");
        assertThat(value(Target.Kind.FILTER, "label/warm")).isEqualTo("on");
        assertThat(value(Target.Kind.STREAM, "")).isEqualTo("on");
        assertThat(value(Target.Kind.RECORDING, "")).isEqualTo("off");
        assertThat(List.of(
                        value(Target.Kind.TEXT, "nobody"),
                        value(Target.Kind.FILTER, "label"),
                        value(Target.Kind.SOURCE, "cellar/label"),
                        value(Target.Kind.LAMP, "x")))
                .containsOnly("none");
    }

    @Test
    void everyValueIsOneThatACueMayWrite() {
        for (Target.Kind kind : Target.Kind.values()) {
            String name = kind == Target.Kind.FILTER ? "label/warm" : "label";
            PICTURE.valueOf(new Target(kind, name))
                    .ifPresent(value -> assertThat(kind.allows(value))
                            .as(kind + " " + value)
                            .isTrue());
        }
        assertThat(Target.Kind.LEVEL.allows("101")).isFalse();
        assertThat(Target.Kind.PLACE.allows("1,2,3")).isFalse();
        assertThat(Place.of("-1,2,3,4").inWords()).isEqualTo("-1,2,3,4");
    }

    @Test
    void aStageStandsWhereItsSourceDoes() {
        assertThat(PICTURE.standing(MAIN)).isEqualTo(Standing.SHOWN);
        assertThat(PICTURE.cutTo("kettle").standing(MAIN)).isEqualTo(Standing.OTHER_SCENE);
        assertThat(PICTURE.withItems("", "stage", item -> new Item("stage", false, WHOLE))
                        .standing(MAIN))
                .isEqualTo(Standing.HIDDEN);
        assertThat(PICTURE.standing(PICTURE.loading(address -> address.endsWith("k=2"))))
                .isEqualTo(Standing.NOWHERE);
    }

    @Test
    void aChangeTouchesOnlyWhatItNames() {
        MixerPicture next = PICTURE.withItems("bench", "label", item -> new Item("label", true, item.place()));
        assertThat(next.number()).isEqualTo(5);
        assertThat(next.scene("kettle")).isEqualTo(PICTURE.scene("kettle"));
        assertThat(next.scene("bench").orElseThrow().item("label").orElseThrow().shown())
                .isTrue();
        assertThat(PICTURE.withItem("kettle", new Item("stage", true, WHOLE))
                        .scene("kettle")
                        .orElseThrow()
                        .items())
                .hasSize(2);
        assertThat(new MixerPicture(1, null, null, null, false, false, 0, 0))
                .as("what a mixer leaves out is empty")
                .isEqualTo(new MixerPicture(1, "", List.of(), List.of(), false, false, 0, 0));
    }

    @Test
    void whatACueWantsIsHowItStandsAfterwards() {
        Map<Target, List<String>> wanted = new LinkedHashMap<>();
        wanted.put(new Target(Target.Kind.SCENE, ""), List.of("kettle", "bench"));
        wanted.put(new Target(Target.Kind.SOURCE, "label"), List.of("hidden", "shown"));
        wanted.put(new Target(Target.Kind.SOURCE, "bench/label"), List.of("shown", "hidden"));
        wanted.put(new Target(Target.Kind.PLACE, "kettle/label"), List.of("-5,6,7,8"));
        wanted.put(new Target(Target.Kind.TEXT, "label"), List.of("good evening", ""));
        wanted.put(new Target(Target.Kind.LEVEL, "label"), List.of("0", "100"));
        wanted.put(new Target(Target.Kind.MUTE, "label"), List.of("open", "muted"));
        wanted.put(new Target(Target.Kind.FILTER, "label/warm"), List.of("off", "on"));
        wanted.put(new Target(Target.Kind.STREAM, ""), List.of("off", "on"));
        wanted.put(new Target(Target.Kind.RECORDING, ""), List.of("on", "off"));
        MixerPicture now = PICTURE;
        for (Map.Entry<Target, List<String>> each : wanted.entrySet()) {
            for (String value : each.getValue()) {
                MixerChange.Result result = MixerChange.of(each.getKey(), value).on(now);
                assertThat(result.refusal()).isEmpty();
                assertThat(result.picture().valueOf(each.getKey()))
                        .as(each.getKey() + " to " + value)
                        .contains(value);
                assertThat(result.picture().number()).isEqualTo(now.number() + 1);
                now = result.picture();
            }
        }
        assertThat(now.withSource("label", was -> PICTURE.source("label").orElseThrow())
                        .sources())
                .as("nothing else was touched")
                .isEqualTo(PICTURE.sources());
    }

    @Test
    void aSourceIsMadeUnderANameOfItsOwnAndStandsWhereItIsPut() {
        MixerChange.Result made =
                MixerChange.text("source.add", "Stage", "http://x/stage#k=3").on(PICTURE);
        assertThat(made.source()).as("stage is taken").isEqualTo("stage-2");
        MixerChange add = MixerChange.add("kettle", "stage-2", WHOLE);
        MixerPicture placed = add.on(made.picture()).picture();
        assertThat(placed.valueOf(new Target(Target.Kind.SOURCE, "kettle/stage-2")))
                .contains("shown");
        MixerPicture hidden = MixerChange.turn("item.show", "kettle", "stage-2", false)
                .on(placed)
                .picture();
        assertThat(add.on(hidden).picture().scene("kettle").orElseThrow().items())
                .as("shown again, not put there twice")
                .isEqualTo(placed.scene("kettle").orElseThrow().items());
    }

    @Test
    void whatIsNotThereIsRefusedInWordsAndNothingChanges() {
        Map<MixerChange, String> refused = new LinkedHashMap<>();
        refused.put(MixerChange.cut("cellar"), "there is no scene cellar");
        refused.put(
                MixerChange.turn("item.show", "kettle", "stage", true), "there is no source stage in the scene kettle");
        refused.put(MixerChange.turn("item.show", "", "nobody", true), "there is no source nobody");
        refused.put(
                MixerChange.of(new Target(Target.Kind.FILTER, "label/cold"), "on"),
                "there is no filter cold of a source label");
        refused.put(MixerChange.text("text.set", "nobody", "x"), "there is no source nobody");
        refused.put(MixerChange.text("dance", "label", ""), "there is no change called dance");
        refused.put(new MixerChange(null, null, null, null, 0, false, null, null), "there is no change called ");
        refused.forEach((change, why) -> {
            assertThat(change.on(PICTURE).refusal()).isEqualTo(why);
            assertThat(change.on(PICTURE).picture()).isSameAs(PICTURE);
        });
    }
}
