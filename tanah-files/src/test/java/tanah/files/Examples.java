package tanah.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;

/** The example plans that ship with the project. */
public final class Examples {
    private static final Catalogue CATALOGUE = CatalogueReader.read();

    private Examples() {}

    /** @param name of its file, without the ending */
    public static Design read(String name) {
        try {
            byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
            return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
