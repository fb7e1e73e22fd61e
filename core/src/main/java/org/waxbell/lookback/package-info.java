/** What a show came to, summed up from its journal. */
@NullMarked
package org.waxbell.lookback;

import org.jspecify.annotations.NullMarked;
