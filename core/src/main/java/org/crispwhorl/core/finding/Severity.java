package org.crispwhorl.core.finding;

/** How much a finding matters: worth a look, or a stop before paste is rolled. */
public enum Severity {
    CHECK,
    STOP
}
