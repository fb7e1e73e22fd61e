/** Clips of the show, marks in it, and the chapters that are made of both. */
@NullMarked
package org.waxbell.clip;

import org.jspecify.annotations.NullMarked;
