/** How cards look: colours, type, edges and motion, saved and used again. */
@NullMarked
package org.waxbell.look;

import org.jspecify.annotations.NullMarked;
