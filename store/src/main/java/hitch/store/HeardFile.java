package hitch.store;

import hitch.core.heard.HeardWord;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;

/** What was heard on a clip so far, as a file. */
final class HeardFile {
    private static final int VERSION = 1;

    /** Nobody says more on a clip; a greater number is a damaged file. */
    private static final int MOST = 2_000_000;

    private HeardFile() {}

    static void write(HeardSoFar heard, OutputStream out) throws IOException {
        DataOutputStream data = new DataOutputStream(new BufferedOutputStream(out));
        data.writeInt(VERSION);
        data.writeDouble(heard.upTo());
        data.writeBoolean(heard.whole());
        data.writeInt(heard.words().size());
        for (HeardWord word : heard.words()) {
            data.writeUTF(word.text());
            data.writeDouble(word.from());
            data.writeDouble(word.to());
            data.writeDouble(word.sureness());
        }
        data.flush();
    }

    static HeardSoFar read(InputStream in) throws IOException {
        DataInputStream data = new DataInputStream(new BufferedInputStream(in));
        if (data.readInt() != VERSION) {
            throw new IOException("words kept by another version");
        }
        double upTo = data.readDouble();
        boolean whole = data.readBoolean();
        int count = data.readInt();
        if (count < 0 || count > MOST) {
            throw new IOException("words that are damaged");
        }
        List<HeardWord> words = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            words.add(new HeardWord(data.readUTF(), data.readDouble(), data.readDouble(), data.readDouble()));
        }
        return new HeardSoFar(upTo, whole, words);
    }
}
