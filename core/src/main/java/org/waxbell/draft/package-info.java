/** What is told of a cue while it is being written, valid or not: its sentence, its plan, its samples, and what may come to it. */
@NullMarked
package org.waxbell.draft;

import org.jspecify.annotations.NullMarked;
