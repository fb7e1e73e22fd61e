package org.waxbell.app.rest;

import java.util.List;
import java.util.concurrent.CompletionException;
import java.util.stream.Collectors;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.waxbell.app.run.Unsaved;
import org.waxbell.app.wiring.Conflict;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.Refused;
import org.waxbell.check.Problem;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Refusals as RFC 9457 problem documents: each with place, value, message and remedy. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Answers {
    @ExceptionHandler
    ProblemDetail refused(Refused refused) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "Not saved", refused.getMessage(), refused.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrapped(CompletionException wrapped) {
        Throwable cause = wrapped.getCause();
        ProblemDetail detail = cause instanceof Refused refused ? refused(refused)
                : cause instanceof Conflict conflict ? conflict(conflict)
                : cause instanceof Unsaved unsaved ? unsaved(unsaved) : null;
        if (detail == null) {
            throw wrapped;
        }
        return ResponseEntity.status(detail.getStatus()).body(detail);
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        ProblemDetail detail = problem(HttpStatus.CONFLICT, "Changed meanwhile", conflict.getMessage(), List.of());
        Document there = conflict.there();
        if (there != null) {
            detail.setProperty("version", there.version());
            detail.setProperty("there", there.value());
        }
        return detail;
    }

    @ExceptionHandler
    ProblemDetail unsaved(Unsaved unsaved) {
        return problem(HttpStatus.SERVICE_UNAVAILABLE, "Not kept", unsaved.getMessage(), List.of(new Problem("", "",
                unsaved.getMessage() + ".", "Make room on the disk or free the database; it is tried again every second.")));
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        Throwable cause = unreadable.getMostSpecificCause();
        Problem problem = cause instanceof JacksonException json ? problem(json)
                : new Problem("", "", "There is no document in the request.", "Send one as JSON.");
        return problem(HttpStatus.BAD_REQUEST, "Not understood", problem.message(), List.of(problem));
    }

    private static Problem problem(JacksonException json) {
        String path = json.getPath().stream().map(each -> each.getPropertyName() == null ? "[" + each.getIndex() + "]"
                : "." + each.getPropertyName()).collect(Collectors.joining()).replaceFirst("^\\.", "");
        if (json instanceof UnrecognizedPropertyException unknown) {
            return new Problem(path, unknown.getPropertyName(), "No field is called \"" + unknown.getPropertyName() + "\" here.",
                    "Take it away, or correct its name.");
        }
        if (json instanceof InvalidTypeIdException kind) {
            return new Problem(path, String.valueOf(kind.getTypeId()), "There is no such kind here.", "Correct the field \"kind\".");
        }
        if (json instanceof MismatchedInputException mismatch) {
            return new Problem(path, "", first(mismatch.getOriginalMessage()), "Give a value of the right kind.");
        }
        return new Problem(path, "", "This is not JSON: " + first(json.getOriginalMessage()), "Send a document as JSON.");
    }

    private static String first(String message) {
        int end = message.indexOf('\n');
        String line = end < 0 ? message : message.substring(0, end);
        int types = line.indexOf("`");
        return (types < 0 ? line : line.substring(0, types).strip() + " …") + (line.endsWith(".") && types < 0 ? "" : ".");
    }

    private static ProblemDetail problem(HttpStatus status, String title, String message, List<Problem> problems) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setTitle(title);
        detail.setProperty("problems", problems);
        return detail;
    }
}
