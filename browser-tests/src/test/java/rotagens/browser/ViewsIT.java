package rotagens.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Every view, by day and by night, enlarged and on a phone. */
class ViewsIT extends OnDemoFleet {

    private static final List<String> VIEWS = List.of(
            "/fleet",
            "/today",
            "/scan",
            "/questions",
            "/shop",
            "/shop/calendar",
            "/shop/setup",
            "/outlook",
            "/outlook/monthly-report",
            "/stock",
            "/stock/to-order",
            "/stock/orders",
            "/stock/parts",
            "/stock/catalog",
            "/reference",
            "/reference/patterns",
            "/reference/charts",
            "/reference/calculator",
            "/reference/gauges",
            "/reference/tire-changers",
            "/reference/policy",
            "/reference/policy?part=planning",
            "/reference/policy?part=choices",
            "/people",
            "/settings",
            "/import-export",
            "/offline",
            "/labels",
            "/tires/{LC-01 1L}",
            "/vehicles/new",
            "/vehicles/{LC-03}",
            "/vehicles/{LC-03}/edit",
            "/vehicles/{LC-03}/load-pressure",
            "/vehicles/{LC-03}/load-pressure?part=loads",
            "/vehicles/{LC-03}/load-pressure?part=loss",
            "/vehicles/{LC-03}/wear",
            "/vehicles/{LC-03}/rotation",
            "/vehicles/{LC-03}/sensors",
            "/vehicles/{LC-03}/jobs",
            "/vehicles/{LC-03}/dot-sheet",
            "/vehicles/{LC-03}/history",
            "/vehicles/{LC-03}/evidence",
            "/vehicles/{LC-03}/driver-card");

    /** Lists that load on as one reads may be of any height. */
    private static final Set<String> HISTORIES = Set.of("/vehicles/{LC-03}/history", "/stock", "/people");

    private static final double DESK_SCREENS = 3;
    private static final double PHONE_SCREENS = 4;

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
            "every view, by day and by night, on a desk, enlarged and on a phone: nothing overlaps, is cut off, too small, too wide or too high, and the accessibility scan passes")
    void everyView() {
        Page page = open("/", "Dana Prestwick, manager");
        List<String> faults = new ArrayList<>();
        for (String view : VIEWS) {
            go(page, view);
            Accessibility.faults(page).forEach(fault -> faults.add(view + " by day: " + fault));
            as(page, ColorScheme.DARK);
            Accessibility.paleWords(page).forEach(fault -> faults.add(view + " by night: " + fault));
            for (ColorScheme scheme : List.of(ColorScheme.DARK, ColorScheme.LIGHT)) {
                as(page, scheme);
                for (int width : new int[] {1280, 640, 390}) {
                    page.setViewportSize(width, width == 390 ? 844 : 800);
                    page.waitForFunction("width => innerWidth === width", width);
                    double screens = budget(view, width);
                    Layout.faults(page, screens)
                            .forEach(fault -> faults.add(view + " at " + width + " " + scheme + ": " + fault));
                }
                page.setViewportSize(1280, 800);
            }
        }
        assertThat(faults).isEmpty();
        assertThat(chromium.complaints()).isEmpty();
    }

    /** How many windows high a view may be; 0 where any height will do. */
    private static double budget(String view, int width) {
        if (HISTORIES.contains(view) || width == 640) {
            return 0;
        }
        return width == 390 ? PHONE_SCREENS : DESK_SCREENS;
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
