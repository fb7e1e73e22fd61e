/** The evening: whether a show is open, who is known, first lines, schedules. */
@NullMarked
package org.waxbell.evening;

import org.jspecify.annotations.NullMarked;
