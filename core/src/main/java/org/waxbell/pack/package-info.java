/** What is chosen of a wiring with all that hangs on it, to be carried to another installation, and what happens where both have the same. */
@NullMarked
package org.waxbell.pack;

import org.jspecify.annotations.NullMarked;
