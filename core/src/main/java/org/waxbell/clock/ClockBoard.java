package org.waxbell.clock;

import java.util.List;

/**
 * A clock as its people see it at the desk.
 *
 * @param face     what it shows
 * @param lines    the lines of its table, in words
 * @param added    how much events added in this run by the lines of its table, in words, such as {@code 4 min}; empty text for nothing
 * @param inAll    how much they added in all, in words; empty text for nothing
 * @param canUndo  whether the last step of a person can be taken back
 */
public record ClockBoard(ClockFace face, List<String> lines, List<String> added, String inAll, boolean canUndo) {
    public ClockBoard {
        lines = List.copyOf(lines);
        added = List.copyOf(added);
    }
}
