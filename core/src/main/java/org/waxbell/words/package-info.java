/** Words with values, filled when a part starts. */
@NullMarked
package org.waxbell.words;

import org.jspecify.annotations.NullMarked;
