/** Scores: parts with a start and a length, and the plan worked out of them for one ring. */
@NullMarked
package org.waxbell.score;

import org.jspecify.annotations.NullMarked;
