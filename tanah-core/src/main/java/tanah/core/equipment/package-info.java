/**
 * The search for equipment that meets every need with least power, and proposals of lamps and mistings. Entry:
 * {@link tanah.core.equipment.EquipmentSearch}.
 */
@NullMarked
package tanah.core.equipment;

import org.jspecify.annotations.NullMarked;
