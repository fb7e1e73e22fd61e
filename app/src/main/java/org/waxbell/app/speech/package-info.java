/** Speech: makes it with no network, keeps it while it is heard, and tells how long it is. */
@NullMarked
package org.waxbell.app.speech;

import org.jspecify.annotations.NullMarked;
