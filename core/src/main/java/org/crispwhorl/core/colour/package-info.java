/** Colour that goes on after the paste is shaped: passes, where each lies on a piece, and what it leaves there. */
package org.crispwhorl.core.colour;
