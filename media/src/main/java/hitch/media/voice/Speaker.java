package hitch.media.voice;

import hitch.models.Model;

/** Who can be heard. */
public enum Speaker {
    WARM("warm", Model.WARM),
    PLAIN("plain", Model.PLAIN),
    CLEAR("clear", Model.CLEAR),
    DEEP("deep", Model.DEEP);

    private final String word;
    private final Model style;

    Speaker(String word, Model style) {
        this.word = word;
        this.style = style;
    }

    public String word() {
        return word;
    }

    Model style() {
        return style;
    }
}
