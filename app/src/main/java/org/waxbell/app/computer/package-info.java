/** Keys, mouse and programs of this computer, which a helper process uses. */
@NullMarked
package org.waxbell.app.computer;

import org.jspecify.annotations.NullMarked;
