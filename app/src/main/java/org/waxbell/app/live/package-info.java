/** What consoles are told as it happens, one small class a topic. */
@NullMarked
package org.waxbell.app.live;

import org.jspecify.annotations.NullMarked;
