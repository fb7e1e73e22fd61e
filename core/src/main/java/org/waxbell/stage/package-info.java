/** Overlay pages of a fixed size with their spots and outlets. */
@NullMarked
package org.waxbell.stage;

import org.jspecify.annotations.NullMarked;
