package org.waxbell.app.rehearse;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Faults;
import org.waxbell.app.json.OutsideText;
import org.waxbell.app.json.Refused;
import org.waxbell.check.Problem;
import org.waxbell.rehearsal.IrcLog;
import org.waxbell.rehearsal.Opening;
import org.waxbell.rehearsal.Script;
import org.waxbell.rehearsal.Step;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Scripts as files: JSON Lines as our published schema has them, or a plain log of an IRC channel. */
@Component
public final class ScriptFormat {
    private static final String OPENING = "opening";
    private final Documents json;

    /** A format that writes with {@code json}. */
    public ScriptFormat(Documents json) {
        this.json = json;
    }

    /** The script in {@code bytes}; throws {@link Refused} with the line that is wrong. */
    public Script read(byte[] bytes) {
        List<String> lines = OutsideText.of(bytes, "The script").lines().toList();
        boolean ours = lines.stream()
                .filter(line -> !line.isBlank())
                .findFirst()
                .map(line -> line.startsWith("{"))
                .orElse(false);
        Script script = ours ? lines(lines) : new Script(Optional.empty(), IrcLog.read(lines));
        if (script.steps().isEmpty()) {
            throw new Refused(
                    "line 1",
                    lines.isEmpty() ? "" : lines.get(0),
                    "There is nothing in it that can be played.",
                    "Bring JSON Lines of ours, or a log with lines such as [20:14:03] <wickerby> good evening.");
        }
        return script;
    }

    private Script lines(List<String> lines) {
        Optional<Opening> opening = Optional.empty();
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).isBlank()) {
                continue;
            }
            String line = lines.get(i);
            JsonNode tree = at(i, () -> tree(line));
            if (tree.path("kind").asString("").equals(OPENING)) {
                ((ObjectNode) tree).remove("kind");
                opening = Optional.of(at(i, () -> json.fit(tree, Opening.class)));
            } else {
                Step step = at(i, () -> json.fit(tree, Step.class));
                if (!steps.isEmpty() && step.at() < steps.get(steps.size() - 1).at()) {
                    throw new Refused(
                            "line " + (i + 1) + ": at",
                            String.valueOf(step.at()),
                            "This goes back in time; the line above is at "
                                    + steps.get(steps.size() - 1).at() + ".",
                            "Put the lines in the order of their moments.");
                }
                steps.add(step);
            }
        }
        return new Script(opening, steps);
    }

    /** A line, with the documents in it brought up to date. */
    private JsonNode tree(String line) {
        JsonNode tree = json.tree(line);
        json.bringUpLine(tree);
        return tree;
    }

    /** A recorded evening from its parts as they are stored; throws {@link Refused} where a later version of the program cannot read them. */
    Script recorded(String opening, List<String> steps) {
        List<Step> all = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            String line = steps.get(i);
            all.add(at(i + 1, () -> json.fit(tree(line), Step.class)));
        }
        return new Script(Optional.of(at(0, () -> json.fit(tree(opening), Opening.class))), all);
    }

    private static <T> T at(int index, Supplier<T> read) {
        try {
            return read.get();
        } catch (JacksonException broken) {
            Problem problem = Faults.of(broken);
            throw new Refused(
                    "line " + (index + 1) + (problem.path().isEmpty() ? "" : ": " + problem.path()),
                    problem.value(),
                    problem.message(),
                    problem.remedy());
        }
    }

    /** A step as a line. */
    String write(Step step) {
        return json.write(step);
    }

    /** The script as JSON Lines. */
    public String write(Script script) {
        StringBuilder text = new StringBuilder();
        script.opening().ifPresent(opening -> {
            String json = this.json.write(opening);
            text.append("{\"kind\":\"")
                    .append(OPENING)
                    .append("\",")
                    .append(json, 1, json.length())
                    .append('\n');
        });
        script.steps().forEach(step -> text.append(write(step)).append('\n'));
        return text.toString();
    }
}
