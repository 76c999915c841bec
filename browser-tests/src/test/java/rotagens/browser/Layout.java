package rotagens.browser;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;

/**
 * Looks at a view for what a reader stumbles over: text over text, a label under its unit, clipped or tiny text, a page too wide
 * or too high, one without a title of its own, targets too small for a finger.
 */
final class Layout {

    private static final int PHONE = 600;
    private static final int FINGER = 44;
    private static final int POINTER = 24;

    private Layout() {}

    /**
     * What is wrong with the page as it stands, one line each.
     *
     * @param screens how many windows high the page may be; 0 where any height will do
     */
    static List<String> faults(Page page, double screens) {
        int target = page.viewportSize().width < PHONE ? FINGER : POINTER;
        return SecondLook.faults(page, script(), Map.of("screens", screens, "target", target));
    }

    private static String script() {
        try (InputStream file = Layout.class.getResourceAsStream("/layout.js")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
