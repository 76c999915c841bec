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

    @SuppressWarnings("unchecked")
    private static List<String> faults(Page page, List<String> rules) {
        try {
            if (!(Boolean) page.evaluate("() => 'axe' in window")) {
                page.evaluate(Files.readString(Path.of(System.getProperty("rotagens.axe"))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return (List<String>) page.evaluate("""
                async (rules) => {
                  const found = await axe.run(document, {
                    runOnly: rules,
                    resultTypes: ['violations'],
                  })
                  return found.violations.flatMap((fault) =>
                    fault.nodes.map((node) => `${fault.id}: ${node.target.join(' ')} ${node.failureSummary}`))
                }
                """, rules);
    }
}
