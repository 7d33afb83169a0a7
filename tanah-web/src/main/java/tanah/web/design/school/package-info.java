/** Where keepers disagree: the ways side by side, each computed for this plan. */
@NullMarked
package tanah.web.design.school;

import org.jspecify.annotations.NullMarked;
