package org.waxbell.desk;

import java.util.Map;

/**
 * What came of a directive of a desk, as its adapter tells.
 *
 * @param run     the run of the directive
 * @param failure why it was not done, empty text where it was
 * @param results what came of it, by name
 */
public record DeskReport(String run, String failure, Map<String, String> results) {
    /** How the runs of desks begin. */
    public static final String OF_DESK = "desk:";

    public DeskReport {
        results = Map.copyOf(results);
    }

    /** It was done, and there is nothing to tell. */
    public static DeskReport done(String run) {
        return new DeskReport(run, "", Map.of());
    }

    /** The name of a run of a desk. @param place of what it runs @param which of its runs */
    public static String run(String place, String which) {
        return OF_DESK + place + ":" + which;
    }

    /** The place of the desk's document whose run that is, empty text for a run of no desk. */
    public static String placeOf(String run) {
        int end = run.indexOf(':', OF_DESK.length());
        return run.startsWith(OF_DESK) && end > 0 ? run.substring(OF_DESK.length(), end) : "";
    }
}
