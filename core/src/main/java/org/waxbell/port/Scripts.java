package org.waxbell.port;

import org.waxbell.desk.DeskReport;
import org.waxbell.directive.RunScript;

/** Port: runs scripts at once, for an evening in virtual time. */
@FunctionalInterface
public interface Scripts {
    /** No script is run: nothing comes of any. */
    Scripts NONE = run -> DeskReport.done(run.partRun());

    /** What came of a call; a script that fails, or goes on for too long, is a report of failure. */
    DeskReport run(RunScript what);
}
