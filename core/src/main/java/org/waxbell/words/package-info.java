/** Words with values, compiled once and filled when a part starts. */
@NullMarked
package org.waxbell.words;

import org.jspecify.annotations.NullMarked;
