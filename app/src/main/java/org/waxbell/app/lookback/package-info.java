/** Shows that were, summed up once they are over. */
@NullMarked
package org.waxbell.app.lookback;

import org.jspecify.annotations.NullMarked;
