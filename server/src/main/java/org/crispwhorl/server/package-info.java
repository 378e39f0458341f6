/** The server: one package for each room of the interface, each with its controller and what it keeps. */
package org.crispwhorl.server;
