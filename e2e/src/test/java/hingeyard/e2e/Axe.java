package hingeyard.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The WCAG 2 A and AA rules, contrast among them, on a page as it stands. */
final class Axe {

    private static final Path SCRIPT = Path.of("..", "web", "node_modules", "axe-core", "axe.min.js");

    private Axe() {
    }

    static List<?> faults(Page page) throws IOException {
        // As the debugger's own, not as a script of the page: what a page's headers forbid stays forbidden.
        page.evaluate(Files.readString(SCRIPT));
        // Lists are as long as a shop is busy: each is looked at with little room, too.
        return (List<?>) page.evaluate("""
                async () => {
                  const found = async (only) => (await axe.run(document, { runOnly: only })).violations
                    .flatMap(v => v.nodes.map(n => v.id + ': ' + n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')));
                  const faults = await found(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa']);
                  const short = new CSSStyleSheet();
                  short.replaceSync('[class*="overflow-y-auto"] { max-height: 24px !important; min-height: 0 !important; }');
                  document.adoptedStyleSheets = [...document.adoptedStyleSheets, short];
                  for (let frame = 0; frame < 3; frame++) await new Promise(requestAnimationFrame);
                  const hidden = await found(['scrollable-region-focusable']);
                  document.adoptedStyleSheets = document.adoptedStyleSheets.filter(s => s !== short);
                  return [...faults, ...hidden];
                }""");
    }
}
