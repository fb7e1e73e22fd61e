/** The order of the evening: its chapters, what each sets, and where the evening is. */
@NullMarked
package org.waxbell.chapter;

import org.jspecify.annotations.NullMarked;
