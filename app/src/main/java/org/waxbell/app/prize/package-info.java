/** What was published of prize draws. */
@NullMarked
package org.waxbell.app.prize;

import org.jspecify.annotations.NullMarked;
