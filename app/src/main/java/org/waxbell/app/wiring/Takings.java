package org.waxbell.app.wiring;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.app.store.MediaMapper.FileRow;

/** What was taken off the shelf lately, so that it can be put back. */
final class Takings {
    private static final int MOST = 50;
    private final Map<Long, List<FileRow>> all = new LinkedHashMap<>();
    private long newest;

    /** Notes files; the number by which they are found. */
    synchronized long add(List<FileRow> rows) {
        all.put(++newest, List.copyOf(rows));
        all.remove(newest - MOST);
        return newest;
    }

    /** The files of a number; empty where that is not known any more. */
    synchronized Optional<List<FileRow>> get(long number) {
        return Optional.ofNullable(all.get(number));
    }
}
