/** Judgements of a forecast: heat, humidity, UV and equipment against the animals. One class a subject. */
@NullMarked
package tanah.core.forecast.rule;

import org.jspecify.annotations.NullMarked;
