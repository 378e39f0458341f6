package org.crispwhorl.server.demo;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

/** While a demo is laid out nothing of the studio is answered, and pages are. */
public class WholeAnswersTest {
    private static MockHttpServletRequest asked(String path) {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setServletPath(path);
        return request;
    }

    private static boolean answered(WholeAnswers whole, String path) {
        try {
            MockFilterChain chain = new MockFilterChain();
            whole.doFilter(asked(path), new MockHttpServletResponse(), chain);
            return chain.getRequest() != null;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    public void whatIsAskedOfTheStudioIsAnsweredOnceAllOfItIsThere() {
        WholeAnswers whole = new WholeAnswers();
        AtomicBoolean all = new AtomicBoolean();
        CompletableFuture<Boolean> wholeWhenAnswered =
                CompletableFuture.supplyAsync(() -> answered(whole, "/api/orders") && all.get());
        assertTrue(answered(whole, "/shelf"), "a page does not wait");
        assertFalse(wholeWhenAnswered.isDone());
        all.set(true);
        whole.begin();
        assertTrue(wholeWhenAnswered.join());
        assertTrue(answered(whole, "/api/orders"), "from then on nothing waits");
    }
}
