/** Points: balances, what is pending, and a ledger that adds up. */
@NullMarked
package org.waxbell.points;

import org.jspecify.annotations.NullMarked;
