/** What needs the host, said once and with the act beside it; each source is one small class. */
@NullMarked
package org.waxbell.app.attention;

import org.jspecify.annotations.NullMarked;
