package rotagens.browser;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Scans a view with axe by the rules of WCAG 2.2 A and AA. */
final class Accessibility {

    private Accessibility() {}

    private static final List<String> RULES = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    /** What is wrong with the page as it stands, one line each. */
    static List<String> faults(Page page) {
        return faults(page, RULES);
    }

    /** What is too pale, where nothing but the colours has changed since all of it was looked at. */
    static List<String> paleWords(Page page) {
        return faults(page, List.of("color-contrast"));
    }

    private static List<String> faults(Page page, List<String> rules) {
        try {
            if (!(Boolean) page.evaluate("() => 'axe' in window")) {
                page.evaluate(Files.readString(Path.of(System.getProperty("rotagens.axe"))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return SecondLook.faults(page, """
                async (rules) => {
                  // At its end, where what sticks to the window covers nothing.
                  window.scrollTo(0, document.documentElement.scrollHeight)
                  await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))
                  // Beside the standard's own: what makes a page's parts easy to find by ear and to hit by voice.
                  const more = rules.includes('wcag2a')
                    ? ['landmark-unique', 'landmark-one-main', 'landmark-no-duplicate-banner', 'landmark-no-duplicate-main',
                       'landmark-main-is-top-level', 'page-has-heading-one', 'label-content-name-mismatch']
                    : []
                  const found = await axe.run(document, {
                    runOnly: rules,
                    rules: Object.fromEntries(more.map((rule) => [rule, { enabled: true }])),
                    resultTypes: ['violations'],
                  })
                  // A drawing, and a block on a time scale, says its figures in the order of speech, not of the eye; its name
                  // begins with its position or unit.
                  const spoken = (fault, node) =>
                    fault.id === 'label-content-name-mismatch' && document.querySelector(node.target[0])?.closest('svg, [draggable=true]')
                  return found.violations.flatMap((fault) =>
                    fault.nodes.filter((node) => !spoken(fault, node)).map((node) => `${fault.id}: ${node.target.join(' ')} ${node.failureSummary}`))
                }
                """, rules);
    }
}
