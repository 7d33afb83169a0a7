/** Papers: build sheet as PDF, lists as CSV, drawings as SVG, the page for a client. */
@NullMarked
package tanah.web.papers;

import org.jspecify.annotations.NullMarked;
