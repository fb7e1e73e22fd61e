/** What the engine needs to know of sounds and pictures: names, folders and lengths. */
@NullMarked
package org.waxbell.shelf;

import org.jspecify.annotations.NullMarked;
