/** What a cue says of itself: pieces of sentences, and the names that they use. */
@NullMarked
package org.waxbell.sentence;

import org.jspecify.annotations.NullMarked;
