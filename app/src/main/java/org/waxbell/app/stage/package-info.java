/** The feed to stage pages and their secret addresses. */
@NullMarked
package org.waxbell.app.stage;

import org.jspecify.annotations.NullMarked;
