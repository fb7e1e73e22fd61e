/** Chat by IRC. */
@NullMarked
package org.waxbell.app.irc;

import org.jspecify.annotations.NullMarked;
