/** Prize draws: who enters, a draw that anybody can check, and time to speak up. */
@NullMarked
package org.waxbell.prize;

import org.jspecify.annotations.NullMarked;
