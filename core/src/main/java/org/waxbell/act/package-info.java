/** What one can ask of a desk: acts with their fields, and the documents that offer them. */
@NullMarked
package org.waxbell.act;

import org.jspecify.annotations.NullMarked;
