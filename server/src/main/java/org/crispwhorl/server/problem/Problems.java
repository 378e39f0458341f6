package org.crispwhorl.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.files.document.BindingFault;
import org.crispwhorl.files.document.DocumentFault;
import org.crispwhorl.server.scale.ScaleRefusal;
import org.crispwhorl.server.studio.DiskFull;
import org.crispwhorl.server.studio.StudioRefusal;
import org.crispwhorl.server.studio.StudioUnreachable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.UncategorizedDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.ModelAndView;
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
                        "Fix the places listed and try again; nothing was changed.")
                .with(e.faults()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> quote(QuoteLacks e) {
        return answer(Problem.of(
                        422,
                        "quote",
                        "The quote is not whole",
                        "Give what is listed, or ask for it as it is with asItIs=true.")
                .with(e.lacking()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge large) {
                return tooLarge(large);
            }
            if (cause instanceof TooSlow slow) {
                return tooSlow(slow);
            }
        }
        if (e.getCause() instanceof JacksonException json) {
            return document(BindingFault.of(json));
        }
        return answer(Problem.of(400, "request", "The request cannot be read", "Send JSON."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> invalid(InvalidValue e) {
        return document(new DocumentFault(List.of(new DocumentFault.Fault("/" + e.field(), e.came(), e.expected()))));
    }

    /** A copy or an archive that cannot be taken in is told as it was found. */
    @ExceptionHandler
    ResponseEntity<Problem> refused(StudioRefusal e) {
        return answer(Problem.of(422, "copy", "This cannot be imported", e.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> notThere(NotThere e) {
        return answer(Problem.of(404, "not-there", e.getMessage(), "Go back and choose another."));
    }

    @ExceptionHandler({NoResourceFoundException.class, MethodArgumentTypeMismatchException.class})
    Object noSuchPlace(Exception e, HttpServletRequest request) {
        String asks = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        if (asks.contains(MediaType.TEXT_HTML_VALUE) && !request.getRequestURI().startsWith("/api/")) {
            // Who reads a page is told in the words of the program.
            return new ModelAndView("forward:/index.html", HttpStatus.NOT_FOUND);
        }
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
    ResponseEntity<Problem> notComplete(NotComplete e) {
        return answer(Problem.of(
                422,
                "not-complete",
                "This order cannot be made whole: " + e.getMessage(),
                "Fix what cannot be read on the shelf, or take it off the order."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> tooLarge(TooLarge e) {
        return answer(Problem.of(
                413, "too-large", "More than " + e.most() + " came in one piece", "Divide it and try again."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> tooSlow(TooSlow e) {
        return answer(Problem.of(408, "too-slow", "It came too slowly", "Try once more."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> busy(Busy e) {
        return answer(Problem.of(503, "busy", e.getMessage(), "Try again in a moment; nothing was changed."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> diskFull(DiskFull e) {
        return answer(Problem.of(
                507,
                "disk-full",
                "The disk is full: " + e.leftMb() + " MB are left",
                "Make room on it, then try again. Nothing was changed; what you typed stays in this window."));
    }

    @ExceptionHandler({
        StudioUnreachable.class,
        CannotCreateTransactionException.class,
        DataAccessResourceFailureException.class,
        JpaSystemException.class,
        UncategorizedDataAccessException.class
    })
    ResponseEntity<Problem> unreachable(Exception e) {
        LOG.warn(
                "The database does not answer: {}",
                NestedExceptionUtils.getMostSpecificCause(e).getMessage());
        return answer(Problem.of(
                507,
                "unreachable",
                "The studio's data cannot be written just now",
                "See that the disk has room, then try again; what you typed stays in this window."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> together(PessimisticLockingFailureException e) {
        return answer(
                Problem.of(409, "two-versions", "It is being changed in another window", "Try once more in a moment."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> tries(TooManyTries e) {
        return answer(Problem.of(429, "tries", e.getMessage(), "Then try again; nothing was changed."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> inUse(DataIntegrityViolationException e) {
        return answer(Problem.of(
                409, "in-use", "Something else of the studio rests on it", "Remove it there first, then try again."));
    }

    @ExceptionHandler({MissingServletRequestParameterException.class, InvalidParameterException.class})
    ResponseEntity<Problem> parameter(Exception e) {
        return answer(Problem.of(400, "request", "A part of the address cannot be read", "Check it, and send UTF-8."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unexpected(Exception e) {
        if (askerGone(e)) {
            return null;
        }
        if (e instanceof ErrorResponse told && told.getStatusCode().is4xxClientError()) {
            return answer(Problem.of(
                    told.getStatusCode().value(), "request", "The request cannot be answered", "See /api/openapi."));
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
        return e != null
                && (e instanceof AsyncRequestNotUsableException
                        || e instanceof ClientAbortException
                        || askerGone(e.getCause()));
    }

    private static ResponseEntity<Problem> answer(Problem problem) {
        return ResponseEntity.status(HttpStatus.valueOf(problem.status()))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
