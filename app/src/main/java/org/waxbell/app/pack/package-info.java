/** Packs as files: written, looked at, brought in and taken out again. */
@NullMarked
package org.waxbell.app.pack;

import org.jspecify.annotations.NullMarked;
