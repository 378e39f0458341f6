package org.crispwhorl.server.jobs;

import org.springframework.http.MediaType;

/** A file that a job made. */
public record JobFile(String name, MediaType type, byte[] body) {}
