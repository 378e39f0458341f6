/** Study: a flower taken apart becomes the first draft of a species. */
package org.crispwhorl.server.study;
