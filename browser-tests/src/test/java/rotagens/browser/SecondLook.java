package rotagens.browser;

import com.microsoft.playwright.Page;
import java.util.List;

/**
 * Looks at a page until nothing is wrong with it any more, or for so long that it will stay so: what is still being drawn on a busy
 * machine is no fault.
 */
final class SecondLook {

    private static final int PATIENCE_MS = 8_000;

    private SecondLook() {}

    /**
     * What is still wrong with the page, one line each.
     *
     * @param look a function of the page's own that takes {@code given} and answers with what is wrong
     */
    @SuppressWarnings("unchecked")
    static List<String> faults(Page page, String look, Object given) {
        return (List<String>) page.evaluate("""
                async (given) => {
                  const look = %s
                  const until = performance.now() + %d
                  for (;;) {
                    const faults = await look(given)
                    if (faults.length === 0 || performance.now() > until) return faults
                    await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))
                  }
                }
                """.formatted(look, PATIENCE_MS), given);
    }
}
