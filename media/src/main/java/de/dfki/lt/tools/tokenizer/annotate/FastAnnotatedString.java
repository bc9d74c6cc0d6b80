package de.dfki.lt.tools.tokenizer.annotate;

import java.text.StringCharacterIterator;
import java.util.HashMap;
import java.util.Map;

/** Marks kept as one object for each character; a run is a stretch of the very same object. */
public class FastAnnotatedString implements AnnotatedString {
    private final String text;
    private final StringCharacterIterator iterator;
    private final Map<String, Object[]> marks = new HashMap<>();

    private record Mark(Object value) {}

    public FastAnnotatedString(String text) {
        this.text = text;
        this.iterator = new StringCharacterIterator(text);
    }

    @Override
    public void annotate(String key, Object value, int from, int to) {
        Object[] row = marks.computeIfAbsent(key, k -> new Object[text.length()]);
        // A new object each time, so that two neighbouring tokens of one class stay two runs.
        Mark mark = new Mark(value);
        for (int i = from; i < Math.min(to, text.length()); i++) {
            row[i] = mark;
        }
    }

    @Override
    public Object getAnnotation(String key) {
        Object mark = at(key, getIndex());
        return mark == null ? null : ((Mark) mark).value();
    }

    @Override
    public int getRunStart(String key) {
        int start = getIndex();
        while (start > 0 && at(key, start - 1) == at(key, getIndex())) {
            start--;
        }
        return start;
    }

    @Override
    public int getRunLimit(String key) {
        int limit = getIndex() + 1;
        while (limit < text.length() && at(key, limit) == at(key, getIndex())) {
            limit++;
        }
        return Math.min(limit, text.length());
    }

    private Object at(String key, int index) {
        Object[] row = marks.get(key);
        return row == null || index < 0 || index >= row.length ? null : row[index];
    }

    @Override
    public String substring(int from, int to) {
        return text.substring(from, to);
    }

    @Override
    public char first() {
        return iterator.first();
    }

    @Override
    public char last() {
        return iterator.last();
    }

    @Override
    public char current() {
        return iterator.current();
    }

    @Override
    public char next() {
        return iterator.next();
    }

    @Override
    public char previous() {
        return iterator.previous();
    }

    @Override
    public char setIndex(int index) {
        return iterator.setIndex(index);
    }

    @Override
    public int getBeginIndex() {
        return 0;
    }

    @Override
    public int getEndIndex() {
        return text.length();
    }

    @Override
    public int getIndex() {
        return iterator.getIndex();
    }

    @Override
    public Object clone() {
        return new FastAnnotatedString(text);
    }
}
