/** The whole house in one file: made by hand and by itself, looked into, brought back in part or whole. */
@NullMarked
package org.waxbell.app.backup;

import org.jspecify.annotations.NullMarked;
