package org.waxbell.tasks;

import java.util.List;
import org.waxbell.fixture.Face;

/**
 * What task lists show on a stage.
 *
 * @param list     the name of the list that is shown
 * @param rows     its tasks in the order in which they stand there
 * @param done     how many of it are done
 * @param all      how many there are
 * @param shut     whether viewers may write nothing
 * @param whenDone where what is done goes
 */
public record TasksFace(String list, List<Row> rows, int done, int all, boolean shut, WhenDone whenDone)
        implements Face {
    /** One task. @param name of who wrote it, empty text for the host @param seal pressed beside the name, empty text for none @param colour of what stands there, empty text for nothing */
    public record Row(int number, String words, String name, boolean done, String seal, String colour) {}

    public TasksFace {
        rows = List.copyOf(rows);
    }
}
