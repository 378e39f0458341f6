/** The one geometry of a flower: midribs, surfaces, placed rings, coverage, crossings. */
package org.crispwhorl.core.form;
