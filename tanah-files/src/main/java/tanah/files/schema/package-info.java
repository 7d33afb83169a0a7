/** JSON Schemas: loading them and wording what they refuse. */
@NullMarked
package tanah.files.schema;

import org.jspecify.annotations.NullMarked;
