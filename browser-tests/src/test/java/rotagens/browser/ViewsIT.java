package rotagens.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Every view, by day and by night, enlarged and on a phone. */
class ViewsIT extends OnDemoFleet {

    private static final List<String> VIEWS = List.of(
            "/",
            "/questions",
            "/shop",
            "/shop/calendar",
            "/shop/setup",
            "/outlook",
            "/outlook/monthly-report",
            "/stock",
            "/stock/to-order",
            "/stock/orders",
            "/stock/catalog",
            "/reference",
            "/reference/patterns",
            "/reference/charts",
            "/reference/calculator",
            "/reference/gauges",
            "/reference/tire-changers",
            "/reference/policy",
            "/people",
            "/import-export",
            "/offline",
            "/labels",
            "/tires/{LC-01 1L}",
            "/vehicles/new",
            "/vehicles/{LC-03}",
            "/vehicles/{LC-03}/edit",
            "/vehicles/{LC-03}/load-pressure",
            "/vehicles/{LC-03}/wear",
            "/vehicles/{LC-03}/rotation",
            "/vehicles/{LC-03}/sensors",
            "/vehicles/{LC-03}/jobs",
            "/vehicles/{LC-03}/dot-sheet",
            "/vehicles/{LC-03}/history",
            "/vehicles/{LC-03}/driver-card");

    /** Opens a view and waits until nothing more is asked and no line stands for something still coming. */
    private static void go(Page page, String view) {
        page.navigate(product.at(view));
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.waitForFunction("() => !document.querySelector('[aria-busy=true], .MuiSkeleton-root')"
                + " && document.querySelector('main')?.textContent.trim().length > 20");
    }

    private static void as(Page page, ColorScheme scheme) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        page.waitForFunction(
                "chalk => getComputedStyle(document.body).backgroundColor === chalk",
                scheme == ColorScheme.DARK ? "rgb(21, 25, 28)" : "rgb(244, 242, 236)");
    }

    @Test
    @DisplayName(
            "by day and by night every view passes the accessibility scan; at twice its size and on a phone none is too wide")
    void everyView() {
        Page page = open("/", "Dana Prestwick, manager");
        List<String> faults = new ArrayList<>();
        for (String view : VIEWS) {
            go(page, view);
            Accessibility.faults(page).forEach(fault -> faults.add(view + " by day: " + fault));
            as(page, ColorScheme.DARK);
            Accessibility.paleWords(page).forEach(fault -> faults.add(view + " by night: " + fault));
            as(page, ColorScheme.LIGHT);
            for (int width : new int[] {640, 390}) {
                page.setViewportSize(width, width == 640 ? 400 : 844);
                sideways(page).forEach(fault -> faults.add(view + ": " + fault));
            }
            page.setViewportSize(1280, 800);
        }
        assertThat(faults).isEmpty();
        assertThat(chromium.complaints()).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private static List<String> sideways(Page page) {
        return (List<String>) page.evaluate("""
                () => {
                  const wide = document.documentElement.scrollWidth - innerWidth
                  return wide > 0 ? [`${wide} px too wide at ${innerWidth}`] : []
                }
                """);
    }

    @Test
    @DisplayName("printed by night, a page is ink on white paper")
    void paper() {
        Page page = open("/vehicles/{LC-03}", "Dana Prestwick, manager");
        page.emulateMedia(new Page.EmulateMediaOptions()
                .setColorScheme(ColorScheme.DARK)
                .setMedia(com.microsoft.playwright.options.Media.PRINT));
        go(page, "/vehicles/{LC-03}");
        assertThat(page.evaluate("() => getComputedStyle(document.body).backgroundColor"))
                .isEqualTo("rgb(255, 255, 255)");
        assertThat(page.evaluate("() => getComputedStyle(document.querySelector('td')).color"))
                .isEqualTo("rgb(27, 33, 38)");
    }
}
