package hitch.media.render;

import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.avutil.av_mallocz;

import java.util.List;
import org.bytedeco.ffmpeg.avformat.AVChapter;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.PointerPointer;

/** Puts chapter marks into a container before its header is written. */
final class ChapterMarks {
    private ChapterMarks() {}

    static void set(AVFormatContext container, List<VideoWriter.ChapterMark> marks) {
        if (marks.isEmpty()) {
            return;
        }
        // The library frees chapters itself, so they must come from its own allocator.
        PointerPointer<AVChapter> list = new PointerPointer<>(av_mallocz(8L * marks.size()));
        for (int i = 0; i < marks.size(); i++) {
            AVChapter chapter = new AVChapter(av_mallocz(new AVChapter().sizeof()));
            AVDictionary notes = new AVDictionary(null);
            av_dict_set(notes, "title", marks.get(i).title(), 0);
            chapter.id(i + 1L);
            chapter.time_base(av_make_q(1, 1000));
            chapter.start(Math.round(marks.get(i).start() * 1000));
            chapter.end(Math.round(marks.get(i).end() * 1000));
            chapter.metadata(notes);
            list.put(i, chapter);
        }
        container.chapters(list);
        container.nb_chapters(marks.size());
    }
}
