/** What the program is started with, and the folder it keeps its data in. */
@NullMarked
package org.waxbell.app.config;

import org.jspecify.annotations.NullMarked;
