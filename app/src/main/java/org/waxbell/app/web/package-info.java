/** Calls to addresses on the web, signed and never into the host's own network. */
@NullMarked
package org.waxbell.app.web;

import org.jspecify.annotations.NullMarked;
