/**
 * Immutable facts about species, media, mixes, vessels and packs. Built by a reader outside the core; looked up by id; nothing is static.
 */
@NullMarked
package tanah.core.catalogue;

import org.jspecify.annotations.NullMarked;
