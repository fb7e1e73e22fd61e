/** What reaches the engine from outside, and who it came from. */
@NullMarked
package org.waxbell.event;

import org.jspecify.annotations.NullMarked;
