/** The ledger beside the drawing: bars of each animal, stand, bill, last edits. */
@NullMarked
package tanah.web.design.ledger;

import org.jspecify.annotations.NullMarked;
