/** Tunes as files: the sound of the practice catalogue, and playlists in open formats. */
@NullMarked
package org.waxbell.app.tune;

import org.jspecify.annotations.NullMarked;
