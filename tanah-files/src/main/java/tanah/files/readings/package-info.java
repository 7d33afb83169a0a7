/** Readings for calibration, as CSV. */
@NullMarked
package tanah.files.readings;

import org.jspecify.annotations.NullMarked;
