/** Readings: take, judge, chart, change, take back. */
@NullMarked
package tanah.web.log;

import org.jspecify.annotations.NullMarked;
