package org.waxbell.tasks;

import java.util.List;

/**
 * Task lists as their people see them at the desk.
 *
 * @param shown   the id of the list that is shown
 * @param shut    whether viewers may write nothing
 * @param lists   every list
 * @param banned  who is kept out, by name
 * @param glows   what stands beside names now
 * @param canUndo whether the last step of a person can be taken back
 */
public record TasksBoard(
        String shown, boolean shut, List<OneList> lists, List<String> banned, List<Glow> glows, boolean canUndo) {
    /** One list. @param who may write to it, in words @param open how many are to be done @param tasks the first of them, in order @param more how many there are beyond those */
    public record OneList(String id, String name, String who, int open, int done, List<Task> tasks, int more) {}
}
