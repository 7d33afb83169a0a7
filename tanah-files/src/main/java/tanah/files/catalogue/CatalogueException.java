package tanah.files.catalogue;

import java.util.List;
import java.util.stream.Collectors;

/** The catalogue cannot be used. The message lists every cell that has to be mended. */
public final class CatalogueException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<CatalogueProblem> problems;

    public CatalogueException(List<CatalogueProblem> problems) {
        super("The catalogue cannot be used. Mend these cells and start again:\n"
                + problems.stream().map(CatalogueProblem::toString).collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    public List<CatalogueProblem> problems() {
        return problems;
    }
}
