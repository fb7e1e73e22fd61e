package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.waxbell.checkup.Remark;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.look.Look;
import org.waxbell.slate.SlateValue;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;

/** The wiring as the console reads and changes it. */
public final class WiringViews {
    private WiringViews() {}

    /** A cue with its version, how often it rang and was held today, and the links that it needs. */
    public record CueView(long version, Cue cue, long rang, long held, List<String> needs) {}

    /** A rack with its version. */
    public record RackView(long version, Rack rack) {}

    /** A stage with its version, and the address at which the console previews it. */
    public record StageView(long version, Stage stage, String previewAddress) {}

    /** An item of the shelf. @param address where it can be fetched for a while */
    public record MediaView(String folder, String name, String type, long lengthMs, String address) {}

    /** What undo and redo would do, empty text for nothing. */
    public record History(String undo, String redo) {}

    /** All of it. @param revision another number after every edit @param cues those that are not as they were when the asker last read @param cueOrder ids of all cues, in their order @param looks that a card may have @param counted values of the slate that the program counts by itself @param deskValues values that desks bring, by name in words, whether each is a number @param samples a sample value for each name that words may use, by {@code chat} or kind of event */
    public record WiringView(
            long revision,
            HouseView house,
            List<RackView> racks,
            List<CueView> cues,
            List<String> cueOrder,
            List<StageView> stages,
            List<MediaView> shelf,
            List<Look> looks,
            List<SlateValue> counted,
            Map<String, Boolean> deskValues,
            Map<String, Map<String, String>> samples,
            History history) {}

    /** What holds for the whole wiring, with its version. */
    public record HouseView(long version, House house) {}

    /** What holds for the whole wiring, to be saved. @param version the one that the editor saw */
    public record HouseSave(long version, House house) {}

    /** Something in the wiring that can go wrong on air. @param mended the cue with it mended, null where that is not safe */
    public record RemarkView(
            Remark.Severity severity,
            String rule,
            String cueId,
            String path,
            String message,
            String remedy,
            @Nullable Cue mended) {
        static RemarkView of(Remark remark) {
            return new RemarkView(
                    remark.severity(),
                    remark.rule(),
                    remark.cueId(),
                    remark.path(),
                    remark.message(),
                    remark.remedy(),
                    remark.mended().orElse(null));
        }
    }

    /** A cue to be saved. @param version the one that the editor saw, 0 for a new cue */
    public record CueSave(long version, Cue cue) {}

    /** A rack to be saved. @param version the one that the editor saw, 0 for a new rack */
    public record RackSave(long version, Rack rack) {}

    /** A stage to be saved. @param version the one that the editor saw, 0 for a new stage */
    public record StageSave(long version, Stage stage) {}

    /** The version that a document has now. */
    public record SavedVersion(long version) {}
}
