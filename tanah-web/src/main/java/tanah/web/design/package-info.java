/** The stages of a plan: forms, edits, drawing, ledger, notes. */
@NullMarked
package tanah.web.design;

import org.jspecify.annotations.NullMarked;
