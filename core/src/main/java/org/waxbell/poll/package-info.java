/** Polls: a question with a few answers, votes by chat, and what came of it. */
@NullMarked
package org.waxbell.poll;

import org.jspecify.annotations.NullMarked;
