package org.waxbell.app.json;

import java.util.List;
import java.util.stream.Collectors;
import org.waxbell.check.Problem;

/** What was asked for is refused, with the places, values and remedies. */
public final class Refused extends RuntimeException {
    private final transient List<Problem> problems;

    /** Refused for {@code problems}, of which there is at least one. */
    public Refused(List<Problem> problems) {
        super(problems.stream().map(Problem::message).collect(Collectors.joining(" ")));
        this.problems = List.copyOf(problems);
    }

    /** Refused for one reason. */
    public Refused(String path, String value, String message, String remedy) {
        this(List.of(new Problem(path, value, message, remedy)));
    }

    /** The reasons. */
    public List<Problem> problems() {
        return problems;
    }
}
