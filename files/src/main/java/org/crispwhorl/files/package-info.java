/** Open formats in and out: the species document as JSON with its schema, lists as CSV. */
package org.crispwhorl.files;
