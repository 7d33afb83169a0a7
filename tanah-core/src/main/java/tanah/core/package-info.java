/** The computation of Tanah: a design goes in, an evaluation comes out. JDK only; no clock, no chance, no words. */
@NullMarked
package tanah.core;

import org.jspecify.annotations.NullMarked;
