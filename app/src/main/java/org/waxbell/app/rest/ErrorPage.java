package org.waxbell.app.rest;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.security.Refusals;

/** What is told where nothing else answered: a status and a sentence. */
@RestController
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> told(HttpServletRequest request) {
        int status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? code
                : HttpStatus.NOT_FOUND.value();
        return ResponseEntity.status(status)
                .body(ProblemDetail.forStatusAndDetail(HttpStatus.valueOf(status), Refusals.words(status)));
    }
}
