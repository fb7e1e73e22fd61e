/** The rules of connections to the outside: their states, how they come up again, what they may send, and who is who on them. */
@NullMarked
package org.waxbell.link;

import org.jspecify.annotations.NullMarked;
