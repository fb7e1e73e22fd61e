package org.waxbell.app.json;

import java.util.stream.Collectors;
import org.waxbell.check.Problem;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** What Jackson says of a document that does not fit, as place, value, reason and remedy. */
public final class Faults {
    private Faults() {}

    /** The problem. */
    public static Problem of(JacksonException json) {
        String path = json.getPath().stream()
                .map(each ->
                        each.getPropertyName() == null ? "[" + each.getIndex() + "]" : "." + each.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
        if (json instanceof UnrecognizedPropertyException unknown) {
            return new Problem(
                    path,
                    unknown.getPropertyName(),
                    "No field is called \"" + unknown.getPropertyName() + "\" here.",
                    "Take it away, or correct its name.");
        }
        if (json instanceof InvalidTypeIdException kind) {
            return new Problem(
                    path,
                    String.valueOf(kind.getTypeId()),
                    "There is no such kind here.",
                    "Correct the field \"kind\".");
        }
        if (json instanceof MismatchedInputException absent
                && absent.getOriginalMessage().startsWith("Missing ")
                && !path.isEmpty()) {
            return new Problem(
                    path, "", "The field \"" + path.substring(path.lastIndexOf('.') + 1) + "\" is missing.", "Add it.");
        }
        if (json instanceof MismatchedInputException mismatch) {
            return new Problem(path, "", first(mismatch.getOriginalMessage()), "Give a value of the right kind.");
        }
        return new Problem(
                path, "", "This is not JSON: " + first(json.getOriginalMessage()), "Send a document as JSON.");
    }

    private static String first(String message) {
        int end = message.indexOf('\n');
        String line = end < 0 ? message : message.substring(0, end);
        int types = line.indexOf("`");
        return (types < 0 ? line : line.substring(0, types).strip() + " …")
                + (line.endsWith(".") && types < 0 ? "" : ".");
    }
}
