/** From event to decisions and directives: accept, completed, wake. */
@NullMarked
package org.waxbell.engine;

import org.jspecify.annotations.NullMarked;
