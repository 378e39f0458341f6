/** What is kept and handed on as JSON: each in an envelope that says what it is and of which version; older ones are lifted step by step. */
package org.crispwhorl.files.document;
