/** What is said aloud: how text is looked at and read, by whom it may not be, and in which voices. */
@NullMarked
package org.waxbell.voice;

import org.jspecify.annotations.NullMarked;
