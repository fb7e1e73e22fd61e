package org.waxbell.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.waxbell.Samples.card;
import static org.waxbell.Samples.housed;
import static org.waxbell.Samples.pour;
import static org.waxbell.Samples.pouring;
import static org.waxbell.Samples.reply;
import static org.waxbell.Samples.says;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.waxbell.score.Anchor;
import org.waxbell.score.CardPart;
import org.waxbell.score.ClipPart;
import org.waxbell.score.Lane;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.Score;
import org.waxbell.score.VideoPart;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.Wiring;

class SketchTest {
    private static final Anchor NOW = new Anchor.At(0);

    private static List<Sketched> drawn(Part... parts) {
        return Sketch.of(new Score(List.of(parts)), housed(), Map.of("viewer", "wickerby"));
    }

    @Test
    void aScoreIsDrawnByTheEnginesOwnPlan() {
        List<Part> parts = pour().takes().get(0).score().parts();
        assertThat(drawn(parts.toArray(Part[]::new)))
                .extracting(Sketched::lane, Sketched::from, Sketched::to, Sketched::open, Sketched::label)
                .containsExactly(
                        tuple(Lane.SCREEN, 0L, 5_600L, false, "wickerby pours a tall taper"),
                        tuple(Lane.SOUND, 0L, 2_100L, true, "Pouring"),
                        tuple(Lane.CHAT, 5_800L, 5_800L, false, "Thanks, wickerby"));
    }

    @Test
    void whatIsNotValidYetIsDrawnAllTheSame() {
        assertThat(drawn(card("back", new Anchor.At(-500), -2_000)))
                .extracting(Sketched::from, Sketched::to)
                .containsExactly(tuple(0L, 0L));
        assertThat(drawn(
                        reply("a", new Anchor.After("b", 0)),
                        reply("b", new Anchor.After("a", 5)),
                        reply("c", new Anchor.With("gone", 9)),
                        says("d", NOW, "Thanks, {viewer")))
                .extracting(Sketched::id, Sketched::label)
                .containsExactly(
                        tuple("a", "Thanks, wickerby"),
                        tuple("b", "Thanks, wickerby"),
                        tuple("c", "Thanks, wickerby"),
                        tuple("d", "Thanks, {viewer"));
        assertThat(drawn(says("x", NOW, "{giftItem} for {viewer}")))
                .extracting(Sketched::label)
                .as("a value without a sample is left as it stands")
                .containsExactly("{giftItem} for wickerby");
    }

    @Test
    void whatOnlyARingKnowsTakesAsLongAsItsStandInAndNothingElse() {
        Wiring wiring = housed();
        List<Media> media = new ArrayList<>(wiring.shelf().all());
        media.add(new Media("dip.webm", "Videos", "cafe", "video/webm", 0));
        Wiring with = new Wiring(wiring.house(), wiring.racks(), wiring.cues(), wiring.stages(), new Shelf(media));
        Part clip = new ClipPart("clip", NOW, 30, "Tonight", 20_000, Manner.PLAIN);
        Part video = new VideoPart(
                "video", NOW, "main", "corner", "dip.webm", 80, 0, 0, 0, 0, "", "", 400, 400, Manner.PLAIN);
        List<Sketched> plan = Sketch.of(
                new Score(List.of(clip, video, reply("then", new Anchor.After("clip", 100)))), with, Map.of());
        assertThat(plan)
                .extracting(Sketched::to, Sketched::open)
                .containsExactly(tuple(2_000L, true), tuple(10_000L, true), tuple(2_100L, false));
    }

    @Test
    void whatLastsToTheEndIsOpenWhereAnotherIs() {
        CardPart plain = card("card", NOW, 4_000);
        CardPart lasting = new CardPart(
                plain.id(),
                plain.start(),
                plain.lengthMs(),
                plain.stage(),
                plain.spot(),
                plain.look(),
                plain.title(),
                plain.words(),
                plain.picture(),
                plain.portrait(),
                plain.entry(),
                plain.exit(),
                plain.entryMs(),
                plain.exitMs(),
                new Manner(Manner.IfFails.GO_ON, false, true));
        assertThat(drawn(pouring("sound"), lasting))
                .extracting(Sketched::to, Sketched::open, Sketched::most)
                .containsExactly(tuple(2_100L, true, 0L), tuple(2_100L, true, 0L));
    }

    @Test
    void aLengthMayBeSetWithinWhatItsKindAllowsAndLeavesRoomToComeAndGo() {
        assertThat(drawn(card("card", NOW, 4_000), reply("answer", NOW)))
                .extracting(Sketched::least, Sketched::most)
                .containsExactly(tuple(1_000L, 600_000L), tuple(0L, 0L));
    }
}
