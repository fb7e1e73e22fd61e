/** Keys of this computer, and what stands in for it. */
@NullMarked
package org.waxbell.app.keys;

import org.jspecify.annotations.NullMarked;
