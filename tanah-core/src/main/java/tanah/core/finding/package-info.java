/**
 * What a judgement looks like: severity, rule, place, numbers, remedies, and what could not be judged. No words: those follow from the rule id.
 */
@NullMarked
package tanah.core.finding;

import org.jspecify.annotations.NullMarked;
