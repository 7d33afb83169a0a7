/** Drawings as SVG: viewport, classes, labels. Gets a scene, knows no database. */
@NullMarked
package tanah.web.svg;

import org.jspecify.annotations.NullMarked;
