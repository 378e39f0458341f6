package org.crispwhorl.server.security;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.web.util.HtmlUtils;

/**
 * The page before the door: whole in itself, since nothing else is served there.
 *
 * @param body what stands on it, as HTML
 */
record EnterPage(String body) {
    private static final String BEFORE = """
            <!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
            <title>Crisp Whorl</title><style>
            body{background:#e9e8e2;color:#222;font:18px/1.5 Georgia,serif;margin:12vh auto;max-width:26rem;padding:0 1rem}
            h1{font-weight:normal;font-style:italic}label,input,button{display:block;font:inherit;width:100%;box-sizing:border-box}
            input{padding:.6rem;margin:.3rem 0 1rem;border:1px solid #999;background:#fff}
            button{padding:.7rem;background:#12475f;color:#fff;border:0}.q{color:#6a675f}
            </style></head><body><h1>Crisp Whorl</h1>
            """;

    private static EnterPage of(String body) {
        return new EnterPage(BEFORE + body + "</body></html>");
    }

    /** Asks for the passphrase. */
    static EnterPage ask(String token, boolean missed) {
        return of((missed ? "<p role=\"alert\">That was not it. Try again.</p>" : "")
                + "<form method=\"post\" action=\"" + Entry.ENTER + "\"><input type=\"hidden\" name=\"_csrf\" value=\""
                + HtmlUtils.htmlEscape(token)
                + "\"><input type=\"hidden\" name=\"username\" value=\"studio\"><label for=\"p\">passphrase of the studio</label>"
                + "<input id=\"p\" name=\"password\" type=\"password\" autocomplete=\"current-password\" autofocus required>"
                + "<button>Enter</button></form>");
    }

    /** Asks for the first passphrase, on this machine. */
    static EnterPage first(String token, String fault) {
        return of((fault.isEmpty() ? "" : "<p role=\"alert\">" + HtmlUtils.htmlEscape(fault) + "</p>")
                + "<p>This studio answers to the home network. Choose the passphrase that opens it: a few words, twelve characters or more.</p>"
                + "<form method=\"post\" action=\"" + Entry.FIRST + "\"><input type=\"hidden\" name=\"_csrf\" value=\""
                + HtmlUtils.htmlEscape(token)
                + "\"><label for=\"p\">passphrase</label><input id=\"p\" name=\"passphrase\" type=\"password\" autocomplete=\"new-password\" minlength=\"12\" maxlength=\"72\" autofocus required>"
                + "<label for=\"a\">once more</label><input id=\"a\" name=\"again\" type=\"password\" autocomplete=\"new-password\" required>"
                + "<button>Choose it</button></form>");
    }

    /** Nothing is set yet, and this is another machine. */
    static EnterPage notYet() {
        return of(
                "<p>No passphrase is chosen yet. Open Crisp Whorl on the machine on which it runs, and choose one there.</p>");
    }

    /** Too many tries. */
    static EnterPage wait(Duration wait) {
        return of("<p role=\"alert\">Too many tries. Wait " + (wait.toSeconds() + 1) + " seconds, then <a href=\""
                + Entry.ENTER + "\">try again</a>.</p>");
    }

    void writeTo(HttpServletResponse response) throws IOException {
        response.setContentType("text/html");
        response.setCharacterEncoding("utf-8");
        response.setHeader("Cache-Control", "no-store");
        response.getWriter().write(body);
    }
}
