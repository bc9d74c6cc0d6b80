package hitch.media.film;

import hitch.media.MediaException;

/** What a shot shows while it runs. */
interface Scene {
    /** What is on the sheet at a moment; two equal ones look the same, and the second is not drawn. */
    Object look(double seconds) throws MediaException;

    /** Draws it. */
    void draw(double seconds, Sheet sheet) throws MediaException;
}
