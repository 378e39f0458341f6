package org.crispwhorl.core.measure;

/** A value that the craft cannot mean: says which field, what came and what was expected. */
public final class InvalidValue extends IllegalArgumentException {
    private final String field;
    private final String came;
    private final String expected;

    public InvalidValue(String field, Object came, String expected) {
        super(field + ": came " + came + ", expected " + expected);
        this.field = field;
        this.came = String.valueOf(came);
        this.expected = expected;
    }

    public String field() {
        return field;
    }

    public String came() {
        return came;
    }

    public String expected() {
        return expected;
    }
}
