package org.crispwhorl.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What goes wrong before or after a controller is told as a problem too. */
@RestController
@Hidden
class ErrorPages implements ErrorController {
    /** Who reads a page is told in the words of the program, by the page that every address of it opens. */
    @RequestMapping(path = "/error", produces = MediaType.TEXT_HTML_VALUE)
    void page(HttpServletRequest request, HttpServletResponse response) throws IOException, ServletException {
        request.getRequestDispatcher("/index.html").forward(request, response);
    }

    @RequestMapping("/error")
    ResponseEntity<Problem> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        int status = code instanceof Integer known && known >= 400 ? known : 404;
        Object message = request.getAttribute(RequestDispatcher.ERROR_MESSAGE);
        String title =
                switch (status) {
                    case 403 -> "Only this machine may ask";
                    case 404 -> "There is nothing at this address";
                    default ->
                        status < 500 ? "The request cannot be answered" : "Something went wrong in Crisp Whorl itself";
                };
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Problem.of(
                        status,
                        status < 500 ? "request" : "unexpected",
                        title,
                        status == 403 && message instanceof String words && !words.isBlank()
                                ? words
                                : "Check the address and try again."));
    }
}
