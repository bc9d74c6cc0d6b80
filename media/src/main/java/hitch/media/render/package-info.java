/**
 * Writing pictures and sound: {@link hitch.media.render.VideoWriter} makes MP4 files, {@link
 * hitch.media.film.StoryRenderer} plays a story into one, {@link hitch.media.render.LabelledClip} puts a finding's label
 * under its footage, {@link hitch.media.render.Still} saves a frame.
 */
package hitch.media.render;
