/** Parts, findings, figures and places of a document in words. */
@NullMarked
package tanah.web.design.words;

import org.jspecify.annotations.NullMarked;
