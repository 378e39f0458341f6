package org.crispwhorl.server.security;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.crispwhorl.core.measure.InvalidValue;
import org.crispwhorl.server.problem.NotThere;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The door: where the passphrase is said, and chosen the first time. */
@Hidden
@RestController
class EnterController {
    private final HomeNetwork home;
    private final Passphrase passphrase;

    EnterController(HomeNetwork home, Passphrase passphrase) {
        this.home = home;
        this.passphrase = passphrase;
    }

    @GetMapping(Entry.ENTER)
    void page(HttpServletRequest request, HttpServletResponse response) throws IOException {
        there();
        page(request, "").writeTo(response);
    }

    private EnterPage page(HttpServletRequest request, String fault) {
        if (passphrase.isSet()) {
            return EnterPage.ask(token(request), request.getParameter("missed") != null);
        }
        return HomeNetwork.fromHere(request.getRemoteAddr())
                ? EnterPage.first(token(request), fault)
                : EnterPage.notYet();
    }

    @PostMapping(Entry.FIRST)
    void first(
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam("passphrase") String chosen,
            @RequestParam String again)
            throws IOException {
        there();
        if (passphrase.isSet() || !HomeNetwork.fromHere(request.getRemoteAddr())) {
            response.sendRedirect(Entry.ENTER);
            return;
        }
        String fault = chosen.equals(again) ? "" : "The two are not alike.";
        try {
            if (fault.isEmpty()) {
                passphrase.choose(chosen);
                response.sendRedirect(Entry.ENTER);
                return;
            }
        } catch (InvalidValue e) {
            fault = "It has to have " + e.expected() + ".";
        }
        page(request, fault).writeTo(response);
    }

    private void there() {
        if (!home.on()) {
            throw new NotThere("page", Entry.ENTER);
        }
    }

    private static String token(HttpServletRequest request) {
        return ((CsrfToken) request.getAttribute(CsrfToken.class.getName())).getToken();
    }
}
