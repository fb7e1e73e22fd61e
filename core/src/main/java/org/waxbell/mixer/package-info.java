/** The broadcasting software as it is seen from here. */
@NullMarked
package org.waxbell.mixer;

import org.jspecify.annotations.NullMarked;
