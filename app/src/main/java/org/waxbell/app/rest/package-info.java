/** What pages read and change over HTTP. */
@NullMarked
package org.waxbell.app.rest;

import org.jspecify.annotations.NullMarked;
