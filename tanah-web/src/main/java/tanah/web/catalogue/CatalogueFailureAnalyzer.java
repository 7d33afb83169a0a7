package tanah.web.catalogue;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import tanah.files.catalogue.CatalogueException;

/** Says which cells of the data files are not accepted when the start is refused. */
class CatalogueFailureAnalyzer extends AbstractFailureAnalyzer<CatalogueException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, CatalogueException cause) {
        return new FailureAnalysis(cause.getMessage(), "Mend the cells in the catalogue's data files.", cause);
    }
}
