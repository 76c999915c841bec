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

    /** What is wrong with the page as it stands, one line each. */
    @SuppressWarnings("unchecked")
    static List<String> faults(Page page) {
        try {
            page.evaluate(Files.readString(Path.of(System.getProperty("rotagens.axe"))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return (List<String>) page.evaluate("""
                async () => {
                  const found = await axe.run(document, {
                    runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
                  })
                  return found.violations.flatMap((fault) =>
                    fault.nodes.map((node) => `${fault.id}: ${node.target.join(' ')} ${node.failureSummary}`))
                }
                """);
    }
}
