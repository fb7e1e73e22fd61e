/** Conditions over events, viewers and the evening. */
@NullMarked
package org.waxbell.condition;

import org.jspecify.annotations.NullMarked;
