/** Pictures of flowers, of choices, of things, of work; photographs made small. */
package org.crispwhorl.files.picture;
