/** How threads of ours are made. */
@NullMarked
package org.waxbell.app.thread;

import org.jspecify.annotations.NullMarked;
