package hitch.media.voice;

import static org.bytedeco.ffmpeg.global.avfilter.av_buffersink_get_frame;
import static org.bytedeco.ffmpeg.global.avfilter.av_buffersrc_add_frame;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_get_by_name;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_alloc;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_config;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_create_filter;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_free;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_link;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import hitch.media.MediaException;
import java.util.Arrays;
import org.bytedeco.ffmpeg.avfilter.AVFilterContext;
import org.bytedeco.ffmpeg.avfilter.AVFilterGraph;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.FloatPointer;

/** A recording without its rumble and with less of its hiss, by libav's filters; as long as it was, sample for sample. */
public final class Cleaned {
    /** Handed to the filters at a time, samples. */
    private static final int PIECE = 4096;
    /** Below this nobody speaks, hertz. */
    private static final String RUMBLE = "f=75";
    /** How much hiss is taken down, decibels. */
    private static final int HISS = 14;
    /** The filter counts as hiss what is so little louder than the sound's own quiet, decibels. */
    private static final double ABOVE = 8;
    /** And nothing that is within so much of its loudest, decibels. */
    private static final double BELOW_VOICE = 28;

    private Cleaned() {}

    /**
     * @param sound at {@link Narrator#RATE}
     */
    public static Sound of(Sound sound) throws MediaException {
        float[] out = new float[sound.samples().length];
        AVFilterGraph graph = avfilter_graph_alloc();
        AVFrame frame = av_frame_alloc();
        try {
            AVFilterContext in = filter(
                    graph,
                    "abuffer",
                    "sample_rate=" + sound.rate() + ":sample_fmt=flt:channel_layout=mono:time_base=1/" + sound.rate());
            AVFilterContext sink = chained(graph, in, sound);
            int done = 0;
            for (int at = 0; at < out.length; at += PIECE) {
                int count = Math.min(PIECE, out.length - at);
                frame.nb_samples(count);
                frame.format(AV_SAMPLE_FMT_FLT);
                frame.sample_rate(sound.rate());
                frame.pts(at);
                av_channel_layout_default(frame.ch_layout(), 1);
                check(av_frame_get_buffer(frame, 0));
                new FloatPointer(frame.data(0)).put(sound.samples(), at, count);
                check(av_buffersrc_add_frame(in, frame));
                av_frame_unref(frame);
                done = drained(sink, frame, out, done);
            }
            check(av_buffersrc_add_frame(in, null));
            done = drained(sink, frame, out, done);
            Arrays.fill(out, done, out.length, 0);
            return new Sound(out, sound.rate());
        } finally {
            av_frame_free(frame);
            avfilter_graph_free(graph);
        }
    }

    private static AVFilterContext chained(AVFilterGraph graph, AVFilterContext in, Sound sound) throws MediaException {
        AVFilterContext last = in;
        for (String[] step : new String[][] {
            {"highpass", RUMBLE},
            {"highpass", RUMBLE},
            {"afftdn", "nr=" + HISS + ":nf=" + floor(sound)},
            {"aformat", "sample_fmts=flt:channel_layouts=mono"},
            {"abuffersink", ""}
        }) {
            AVFilterContext next = filter(graph, step[0], step[1]);
            check(avfilter_link(last, 0, next, 0));
            last = next;
        }
        check(avfilter_graph_config(graph, null));
        return last;
    }

    /** Where hiss lies, as the filter takes it: -80 to -20 decibels. */
    private static long floor(Sound sound) {
        double quiet = Stretches.level(sound, Stretches.QUIET);
        double loud = Stretches.level(sound, Stretches.LOUD);
        return Math.round(Math.clamp(Math.min(quiet + ABOVE, loud - BELOW_VOICE), -80, -20));
    }

    private static AVFilterContext filter(AVFilterGraph graph, String name, String options) throws MediaException {
        AVFilterContext made = new AVFilterContext(null);
        check(avfilter_graph_create_filter(
                made, avfilter_get_by_name(name), name, options.isEmpty() ? null : options, null, graph));
        return made;
    }

    private static int drained(AVFilterContext sink, AVFrame frame, float[] out, int from) {
        int at = from;
        while (av_buffersink_get_frame(sink, frame) >= 0) {
            int count = Math.min(frame.nb_samples(), out.length - at);
            new FloatPointer(frame.data(0)).get(out, at, count);
            at += count;
            av_frame_unref(frame);
        }
        return at;
    }

    private static void check(int result) throws MediaException {
        if (result < 0) {
            throw new MediaException("The recording could not be cleaned (libav " + result + "). It is kept as it is.");
        }
    }
}
