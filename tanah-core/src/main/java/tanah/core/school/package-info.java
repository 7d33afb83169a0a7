/**
 * Choices where good keepers disagree, with what each way changes in a design. No words and no verdicts: the web words
 * the reasons, the evaluation of the changed design says what follows.
 */
@NullMarked
package tanah.core.school;

import org.jspecify.annotations.NullMarked;
