/** Keys of a keyboard, as wirings name them. */
@NullMarked
package org.waxbell.keys;

import org.jspecify.annotations.NullMarked;
