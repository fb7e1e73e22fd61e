/** What a link reaches, whether it is a stand-in that ships or the real thing. */
@NullMarked
package org.waxbell.app.hub;

import org.jspecify.annotations.NullMarked;
