/** Clocks: down, until a time of day, up, and in rounds. All they show is worked out from one moment. */
@NullMarked
package org.waxbell.clock;

import org.jspecify.annotations.NullMarked;
