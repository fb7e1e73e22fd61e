/** Live sockets to pages. */
@NullMarked
package org.waxbell.app.socket;

import org.jspecify.annotations.NullMarked;
