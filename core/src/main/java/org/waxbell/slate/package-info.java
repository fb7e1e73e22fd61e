/** Slate: small named values that cues write and read. */
@NullMarked
package org.waxbell.slate;

import org.jspecify.annotations.NullMarked;
