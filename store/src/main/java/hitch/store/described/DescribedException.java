package hitch.store.described;

import hitch.store.StoreException;

/** A described line that cannot be read: where, and what was meant there. */
public final class DescribedException extends StoreException {
    private static final long serialVersionUID = 1;

    DescribedException(int line, int column, String what) {
        super("Line " + line + ", column " + column + ": " + what);
    }
}
