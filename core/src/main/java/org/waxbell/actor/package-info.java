/** Who did something, and what they may do. */
@NullMarked
package org.waxbell.actor;

import org.jspecify.annotations.NullMarked;
