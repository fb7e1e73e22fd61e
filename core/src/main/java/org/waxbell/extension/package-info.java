/** Scripts that the host lets in: what they ask for, what they hear, and what becomes of what they want. */
@NullMarked
package org.waxbell.extension;

import org.jspecify.annotations.NullMarked;
