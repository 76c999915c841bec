package rotagens.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The check of the layout itself: it must find each fault where it is made, and nothing on a page without any. */
class LayoutIT {

    private static final String HEAD =
            "<!doctype html><html lang=en><title>A page · Rotagens</title><style>body{margin:0;font:14px/20px sans-serif}"
                    + "button,a{min-height:44px;min-width:44px;display:inline-block}</style><main><h1>A page</h1>";

    private static Chromium chromium;

    @BeforeAll
    static void start() {
        chromium = new Chromium();
    }

    @AfterAll
    static void stop() {
        chromium.close();
    }

    private static Page page(String html, int width) {
        Page page = chromium.open("about:blank", width, 844);
        page.setContent(html);
        return page;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "text over “under it” | <div style='position:relative'><p style='position:absolute;top:0'>on top of</p><p style='position:absolute;top:4px'>under it</p></div>",
                "a label under “psi”  | <div style='position:relative;width:90px'><label style='position:absolute;left:8px;white-space:nowrap'>Cold pressure</label><span class=MuiInputAdornment-root style='position:absolute;left:60px'>psi</span></div>",
                "clipped text         | <p style='width:60px;overflow:hidden;white-space:nowrap'>more than fits in here</p>",
                "text of 11.0 px      | <p style='font-size:11px'>small print</p>",
                "text of 10.5 px      | <svg width=100 height=50 viewBox='0 0 200 100'><text y=50 font-size=21>in a drawing</text></svg>",
                "px too wide          | <div style='width:900px'>wide</div>",
                "screens high         | <div style='height:9000px'>high</div>",
                "a target of 44 × 30  | <button style='min-height:0;height:30px;width:44px;padding:0'>ok</button>"
            })
    @DisplayName("each fault is found on a page that has it")
    void finds(String fault, String html) {
        assertThat(Layout.faults(page(HEAD + html, 390), 4)).anyMatch(said -> said.contains(fault));
    }

    @Test
    @DisplayName("a page without a title of its own, or without a main part, is said to be so")
    void title() {
        Page page = page("<!doctype html><title>Rotagens</title><p>words</p>", 1280);
        assertThat(Layout.faults(page, 3)).contains("the title is “Rotagens”", "not one main landmark");
    }

    @Test
    @DisplayName("a page without a fault has none")
    void clean() {
        String html =
                HEAD + "<p>Words with <a href='#' style='display:inline'>a link</a> in them.</p><button>Go</button>"
                        + "<p style='overflow:hidden;text-overflow:ellipsis;white-space:nowrap;width:80px'>cut with three dots</p>";
        assertThat(Layout.faults(page(html, 390), 4)).isEmpty();
    }
}
