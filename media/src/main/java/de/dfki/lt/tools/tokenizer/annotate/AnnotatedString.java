package de.dfki.lt.tools.tokenizer.annotate;

import java.text.CharacterIterator;

/** A text of which stretches carry named marks. */
public interface AnnotatedString extends CharacterIterator {
    Object getAnnotation(String key);

    int getRunStart(String key);

    int getRunLimit(String key);

    void annotate(String key, Object value, int from, int to);

    String substring(int from, int to);
}
