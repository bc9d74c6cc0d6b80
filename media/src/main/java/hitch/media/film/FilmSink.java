package hitch.media.film;

import hitch.media.MediaException;

/** Where the pictures and the sound of a film go, in order. */
public interface FilmSink {
    /** The next picture, {@code 0xRRGGBB} a pixel, row by row; it is drawn over when this returns. */
    void picture(int[] rgb) throws MediaException;

    /** The last picture once more. */
    void again() throws MediaException;

    /** Sound at {@link hitch.media.voice.Narrator#RATE}; a shot's is handed on before its pictures. */
    void sound(float[] samples) throws MediaException;
}
