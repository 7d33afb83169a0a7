/** Benchmarks: {@code ./tanah bench}. */
@NullMarked
package tanah.bench;

import org.jspecify.annotations.NullMarked;
