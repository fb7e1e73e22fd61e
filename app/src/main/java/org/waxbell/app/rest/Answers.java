package org.waxbell.app.rest;

import jakarta.servlet.http.HttpServletRequest;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.CompletionException;
import org.springframework.core.NestedRuntimeException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.waxbell.app.inbox.Faulted;
import org.waxbell.app.inbox.Unsaved;
import org.waxbell.app.json.Faults;
import org.waxbell.app.json.Refused;
import org.waxbell.app.security.Refusals;
import org.waxbell.app.wiring.Conflict;
import org.waxbell.app.wiring.Document;
import org.waxbell.check.Problem;
import tools.jackson.core.JacksonException;

/** Refusals as RFC 9457 problem documents: each with place, value, message and remedy. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Answers {
    @ExceptionHandler
    ProblemDetail refused(Refused refused) {
        return problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Not saved",
                String.valueOf(refused.getMessage()),
                refused.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrapped(CompletionException wrapped) {
        Throwable cause = wrapped.getCause();
        ProblemDetail detail = cause instanceof Refused refused
                ? refused(refused)
                : cause instanceof Conflict conflict
                        ? conflict(conflict)
                        : cause instanceof Unsaved unsaved
                                ? unsaved(unsaved)
                                : cause instanceof Faulted faulted ? faulted(faulted) : null;
        if (detail == null) {
            throw wrapped;
        }
        return ResponseEntity.status(detail.getStatus()).body(detail);
    }

    /** A wrong address; in a browser it is told as a page with the way back. */
    @ExceptionHandler
    ResponseEntity<?> nothingThere(NoResourceFoundException nothing, HttpServletRequest request) {
        HttpStatus status = HttpStatus.NOT_FOUND;
        String says = Refusals.words(status.value());
        return String.valueOf(request.getHeader(HttpHeaders.ACCEPT)).contains(MediaType.TEXT_HTML_VALUE)
                ? ResponseEntity.status(status)
                        .contentType(MediaType.TEXT_HTML)
                        .body("<!doctype html><html lang=\"en\"><title>Wax Bell</title><p>" + says
                                + "</p><p><a href=\"/\">To the console</a></p></html>")
                : ResponseEntity.status(status).body(ProblemDetail.forStatusAndDetail(status, says));
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        ProblemDetail detail =
                problem(HttpStatus.CONFLICT, "Changed meanwhile", String.valueOf(conflict.getMessage()), List.of());
        Document there = conflict.there();
        if (there != null) {
            detail.setProperty("version", there.version());
            detail.setProperty("there", there.value());
        }
        return detail;
    }

    @ExceptionHandler
    ProblemDetail faulted(Faulted faulted) {
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Not done",
                String.valueOf(faulted.getMessage()),
                List.of(new Problem(
                        "",
                        "",
                        "A fault of the program ended it. Nothing of it was done, and the evening goes on.",
                        "Send the newest file in the folder faults of your data folder to who mends Wax Bell.")));
    }

    @ExceptionHandler
    ProblemDetail unsaved(Unsaved unsaved) {
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "Not kept",
                String.valueOf(unsaved.getMessage()),
                List.of(new Problem(
                        "",
                        "",
                        unsaved.getMessage() + ".",
                        "Make room on the disk or free the database; it is tried again every second.")));
    }

    /** What is written without the engine meets a locked or full disk like all else; every other fault of the database is one of ours. */
    @ExceptionHandler
    ProblemDetail unsaved(DataAccessException failed) {
        return unkept(failed);
    }

    @ExceptionHandler
    ProblemDetail unsaved(TransactionException failed) {
        return unkept(failed);
    }

    private ProblemDetail unkept(NestedRuntimeException failed) {
        if (failed.getMostSpecificCause() instanceof SQLException store && Unsaved.isOfTheDisk(store)) {
            return unsaved(new Unsaved(store));
        }
        throw failed;
    }

    /** Something in the address that is no value of its kind, such as a number. */
    @ExceptionHandler
    ProblemDetail mistyped(MethodArgumentTypeMismatchException mistyped) {
        return asked(new Problem(
                mistyped.getName(),
                String.valueOf(mistyped.getValue()),
                "This is no value of that kind.",
                "Look into docs/formats/openapi.json for what goes there."));
    }

    @ExceptionHandler
    ProblemDetail missing(MissingServletRequestParameterException missing) {
        return asked(new Problem(
                missing.getParameterName(),
                "",
                "It is missing.",
                "Add it to the address: ?" + missing.getParameterName() + "=…"));
    }

    private static ProblemDetail asked(Problem problem) {
        return problem(
                HttpStatus.BAD_REQUEST, "Not understood", problem.path() + ": " + problem.message(), List.of(problem));
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        Throwable cause = unreadable.getMostSpecificCause();
        Problem problem = cause instanceof JacksonException json
                ? Faults.of(json)
                : new Problem("", "", "There is no document in the request.", "Send one as JSON.");
        return problem(HttpStatus.BAD_REQUEST, "Not understood", problem.message(), List.of(problem));
    }

    /** What is told in passing says what to do about it, where it is one thing. */
    private static String inOneSentence(String message, List<Problem> problems) {
        String remedy = problems.size() == 1 ? problems.get(0).remedy() : "";
        return remedy.isEmpty() ? message : message + (message.endsWith(".") ? " " : ". ") + remedy;
    }

    private static ProblemDetail problem(HttpStatus status, String title, String message, List<Problem> problems) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, inOneSentence(message, problems));
        detail.setTitle(title);
        detail.setProperty("problems", problems);
        return detail;
    }
}
