package org.waxbell.port;

import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.SetFace;
import org.waxbell.directive.StageDirective;

/** Port: hands what is to be seen and heard to the pages of the stages. It must not block. */
public interface StageOut {
    /** A part for a stage. */
    void perform(StageDirective part);

    /** A part ends before its time. */
    void end(EndPart end);

    /** A fixture shows something else. */
    void face(SetFace face);

    /** Everything ends at once. */
    void hush(HushAll hush);
}
