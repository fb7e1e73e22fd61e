/** Ready-made pieces that ship with the program: each a small file, asked about, drawn, and brought in as a pack. */
@NullMarked
package org.waxbell.app.ready;

import org.jspecify.annotations.NullMarked;
