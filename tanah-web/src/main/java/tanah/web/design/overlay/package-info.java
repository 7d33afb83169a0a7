/** What lies over and around the sheet: fields, reader, charts of the day, and how the keeper looks at them. */
@NullMarked
package tanah.web.design.overlay;

import org.jspecify.annotations.NullMarked;
