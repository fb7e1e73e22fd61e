/** SQLite behind MyBatis: documents, journal, people, and the engine's state. */
@NullMarked
package org.waxbell.app.store;

import org.jspecify.annotations.NullMarked;
