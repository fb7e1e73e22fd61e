/** Scripts of extensions: run in a program of their own beside this one, within bounds; their files, their log, and the folder in which they are written. */
@NullMarked
package org.waxbell.app.script;

import org.jspecify.annotations.NullMarked;
