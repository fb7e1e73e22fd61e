/** Crowd play: short words of chat press keys, one by one or by vote. */
@NullMarked
package org.waxbell.crowd;

import org.jspecify.annotations.NullMarked;
