/** Rewards that viewers redeem for points: at once, or when the host accepts. */
@NullMarked
package org.waxbell.reward;

import org.jspecify.annotations.NullMarked;
