package org.crispwhorl.server.problem;

import java.util.List;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.files.BindingFault;
import org.crispwhorl.files.DocumentFault;
import org.crispwhorl.server.scale.ScaleRefusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;

/** Answers every failure with a problem that says what, where and how to mend it. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<Problem> document(DocumentFault e) {
        return answer(Problem.of(
                        422,
                        "document",
                        "The document cannot be read as it is",
                        "Mend the places listed and try again; nothing was changed.")
                .with(e.faults()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException e) {
        if (e.getCause() instanceof JacksonException json) {
            return document(BindingFault.of(json));
        }
        return answer(Problem.of(400, "request", "The request cannot be read", "Send JSON."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> invalid(InvalidValue e) {
        return document(new DocumentFault(List.of(new DocumentFault.Fault("/" + e.field(), e.came(), e.expected()))));
    }

    @ExceptionHandler
    ResponseEntity<Problem> notThere(NotThere e) {
        return answer(Problem.of(404, "not-there", e.getMessage(), "Go back and choose another."));
    }

    @ExceptionHandler({NoResourceFoundException.class, MethodArgumentTypeMismatchException.class})
    ResponseEntity<Problem> noSuchPlace(Exception e) {
        return answer(Problem.of(404, "not-there", "There is nothing at this address", "Check the address."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> scale(ScaleRefusal e) {
        return answer(Problem.of(409, "scale", e.getMessage(), e.remedy()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> twoVersions(TwoVersions e) {
        return answer(Problem.of(
                        409,
                        "two-versions",
                        "It was changed in another window",
                        "Choose which version to keep; both are still here.")
                .between(e.yours(), e.theirs(), e.document()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> raced(OptimisticLockingFailureException e) {
        return answer(Problem.of(
                409, "two-versions", "It was changed in another window at the same moment", "Try once more."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> header(MissingRequestHeaderException e) {
        return answer(Problem.of(
                428,
                "version-missing",
                "The version is missing",
                "Send the header " + e.getHeaderName() + " with the version that was changed."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> method(HttpRequestMethodNotSupportedException e) {
        return answer(Problem.of(405, "method", e.getMethod() + " does nothing here", "See /api/openapi."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> media(HttpMediaTypeNotSupportedException e) {
        return answer(Problem.of(415, "media", "Not JSON", "Send application/json."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unexpected(Exception e) {
        if (askerGone(e)) {
            return null;
        }
        LOG.error("unexpected", e);
        return answer(Problem.of(
                500,
                "unexpected",
                "Something went wrong in Crisp Whorl itself",
                "Nothing was changed. Try once more; the log says more."));
    }

    /** A window that was closed while it waited is nobody's fault. */
    private static boolean askerGone(Throwable e) {
        return e != null && (e instanceof AsyncRequestNotUsableException || askerGone(e.getCause()));
    }

    private static ResponseEntity<Problem> answer(Problem problem) {
        return ResponseEntity.status(HttpStatus.valueOf(problem.status()))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
