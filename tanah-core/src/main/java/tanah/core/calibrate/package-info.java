/**
 * What readings say of the model: factors that fit them, and the setting that corrects one. Entry: {@link
 * tanah.core.calibrate.Calibration}.
 */
@NullMarked
package tanah.core.calibrate;

import org.jspecify.annotations.NullMarked;
