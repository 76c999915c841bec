package rotagens.server.pdf;

/** What the fleet's papers are printed on. */
public interface PaperSize {

    /** As a style sheet names it. */
    String css();
}
