package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.draft.CueLook;
import org.waxbell.draft.ShownValue;
import org.waxbell.look.Look;
import org.waxbell.score.Lane;
import org.waxbell.sentence.Piece;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;

/** The wiring as the console reads and changes it. */
public final class WiringViews {
    private WiringViews() {}

    /** A part in the small drawing of a score, in milliseconds from its start. */
    public record Bar(Lane lane, long from, long to) {}

    /** A cue with its version, how often it rang and was held today, the links that it needs, a short form of its sentence, the text in which it is found, and its first take as it will be played. */
    public record CueView(
            long version,
            Cue cue,
            long rang,
            long held,
            List<String> needs,
            List<String> uses,
            String brief,
            String find,
            List<Bar> sketch) {}

    /** A rack with its version. */
    public record RackView(long version, Rack rack) {}

    /** A stage with its version, the address at which the console previews it, and what each of its mascots can do. */
    public record StageView(long version, Stage stage, String previewAddress, Map<String, List<String>> moves) {}

    /** A desk that stands by itself, with its version. @param sentence what it is, with what can be changed in its places @param words a sample for each value that words in its fields may say */
    public record SheetView(long version, DeskSheet desk, List<Piece> sentence, Map<String, String> words) {}

    /** An item of the shelf. @param address where it can be fetched for a while */
    public record MediaView(String folder, String name, String type, long lengthMs, String address) {}

    /** What undo and redo would do, empty text for nothing. */
    public record History(String undo, String redo) {}

    /** All of it. @param revision another number after every edit @param cues those that are not as they were when the asker last read @param cueOrder ids of all cues, in their order @param looks that a card may have @param values those that fixtures may show */
    public record WiringView(
            long revision,
            HouseView house,
            List<RackView> racks,
            List<CueView> cues,
            List<String> cueOrder,
            List<StageView> stages,
            List<SheetView> desks,
            List<MediaView> shelf,
            List<Look> looks,
            List<ShownValue> values,
            History history) {}

    /** What holds for the whole wiring, with its version. */
    public record HouseView(long version, House house) {}

    /** What holds for the whole wiring, to be saved. @param version the one that the editor saw */
    public record HouseSave(long version, House house) {}

    /** A cue to be saved. @param version the one that the editor saw, 0 for a new cue */
    public record CueSave(long version, Cue cue) {}

    /** A rack to be saved. @param version the one that the editor saw, 0 for a new rack */
    public record RackSave(long version, Rack rack) {}

    /** A stage to be saved. @param version the one that the editor saw, 0 for a new stage */
    public record StageSave(long version, Stage stage) {}

    /** A desk to be saved. @param version the one that the editor saw, 0 for a new desk */
    public record SheetSave(long version, DeskSheet desk) {}

    /** The version that a cue has now, and how it looks. */
    public record SavedCue(long version, CueLook look) {}

    /** The version that a document has now. */
    public record SavedVersion(long version) {}
}
