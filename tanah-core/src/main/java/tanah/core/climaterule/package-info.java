/**
 * Judgements of a forecast: limits, wanted ranges, humidity, UV, controls, distances. One class a rule. Entry:
 * {@link tanah.core.climaterule.ClimateRules}.
 */
@NullMarked
package tanah.core.climaterule;

import org.jspecify.annotations.NullMarked;
