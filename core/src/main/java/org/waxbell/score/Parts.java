package org.waxbell.score;

import java.util.List;
import org.waxbell.kind.Family;

/** Every kind of part: the one list to which a new one adds its line. */
public final class Parts {
    /** The kinds. */
    public static final Family<Part> ALL = new Family<>(
            Part.class,
            "part",
            List.of(
                    CardPart.KIND,
                    PicturePart.KIND,
                    VideoPart.KIND,
                    BurstPart.KIND,
                    NamesPart.KIND,
                    SpinPart.KIND,
                    MovePart.KIND,
                    SoundPart.KIND,
                    VoicePart.KIND,
                    ReplyPart.KIND,
                    SwitchPart.KIND,
                    TypePart.KIND,
                    MousePart.KIND,
                    ProgramPart.KIND,
                    ClipPart.KIND,
                    MarkPart.KIND,
                    LookUpPart.KIND,
                    IntroducePart.KIND,
                    TheirClipPart.KIND,
                    CallPart.KIND,
                    NoticePart.KIND,
                    OscPart.KIND,
                    SlatePart.KIND,
                    AskPart.KIND,
                    PointsPart.KIND));

    private Parts() {}
}
