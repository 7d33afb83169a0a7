/** Enclosures of a keeper: shelf, revisions, import and export, demo data. */
@NullMarked
package tanah.web.enclosure;

import org.jspecify.annotations.NullMarked;
