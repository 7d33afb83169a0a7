/**
 * Failures played through, with the hours until a hard limit is passed. Entry: {@link
 * tanah.core.failure.FailureCourse}.
 */
@NullMarked
package tanah.core.failure;

import org.jspecify.annotations.NullMarked;
