package org.waxbell.tasks;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a desk of task lists keeps beside its tasks.
 *
 * @param shown   the id of the list that is shown, empty text for the first
 * @param shut    whether viewers may write nothing
 * @param numbers the numbers of each list, by its id
 * @param order   where the next task stands
 * @param banned  who may not write, by identity, with what they are called
 * @param back    how the last step of a person is taken back; empty where there is none
 */
public record TasksHead(
        String shown,
        boolean shut,
        Map<String, Numbers> numbers,
        long order,
        Map<String, String> banned,
        Optional<Back> back) {
    /** Between the orders of two tasks there is room for those that are moved. */
    static final long STEP = 1L << 20;
    /** One to which nobody wrote. */
    static final TasksHead NEW = new TasksHead("", false, Map.of(), STEP, Map.of(), Optional.empty());

    /** The numbers of a list. @param next that the next task gets @param emptied when its last task was taken away, milliseconds since 1970 UTC; 0 while there are any */
    public record Numbers(int next, long emptied) {
        static final Numbers NEW = new Numbers(1, 0);
    }

    /** How a step is taken back. @param changed tasks as they stood @param gone tasks that are gone since @param fresh tasks that were not there */
    public record Back(
            String shown,
            boolean shut,
            Map<String, String> banned,
            List<Task> changed,
            List<Task> gone,
            List<Task> fresh) {
        public Back {
            banned = Collections.unmodifiableMap(new TreeMap<>(banned));
            changed = List.copyOf(changed);
            gone = List.copyOf(gone);
            fresh = List.copyOf(fresh);
        }
    }

    public TasksHead {
        numbers = Collections.unmodifiableMap(new TreeMap<>(numbers));
        banned = Collections.unmodifiableMap(new TreeMap<>(banned));
    }

    TasksHead showing(String list) {
        return new TasksHead(list, shut, numbers, order, banned, back);
    }

    TasksHead shut(boolean now) {
        return new TasksHead(shown, now, numbers, order, banned, back);
    }

    TasksHead banning(Map<String, String> now) {
        return new TasksHead(shown, shut, numbers, order, now, back);
    }

    TasksHead counting(String list, Numbers now) {
        Map<String, Numbers> all = new TreeMap<>(numbers);
        all.put(list, now);
        return new TasksHead(shown, shut, all, order, banned, back);
    }

    TasksHead ordered(long next) {
        return new TasksHead(shown, shut, numbers, next, banned, back);
    }

    /** The same after a step of a person. @param how it is taken back */
    TasksHead stepped(Optional<Back> how) {
        return new TasksHead(shown, shut, numbers, order, banned, how);
    }
}
