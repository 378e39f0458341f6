package org.crispwhorl.server.api;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses of rooms lead to the one page, which opens the room itself. */
@Controller
class PageForwards {
    @GetMapping({
        "/today",
        "/shelf",
        "/plate/{id}",
        "/plate/{id}/method",
        "/orders",
        "/orders/{id}",
        "/book",
        "/copies",
        "/troubleshooting",
        "/tablet",
        "/room",
        "/orders/{id}/bench",
        "/orders/{id}/price",
        "/orders/{id}/cut-list",
        "/orders/{id}/days",
        "/orders/{id}/sheets",
        "/orders/{id}/sheets/{sheet}",
        "/drawer",
        "/drawer/buy",
        "/quick",
        "/compare",
        "/study"
    })
    String page() {
        return "forward:/index.html";
    }
}
