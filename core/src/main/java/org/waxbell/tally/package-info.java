/** What the program counts by itself, as values that stand on the slate beside the host's own. */
@NullMarked
package org.waxbell.tally;

import org.jspecify.annotations.NullMarked;
