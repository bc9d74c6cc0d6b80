/**
 * Where along the pipe each thing was said to be. A speaker says a distance and then, for as long as the camera stands there, what is
 * to be seen: the place is in another sentence, or a bare number. {@link hitch.core.talk.place.Transcript} joins the captions,
 * {@link hitch.core.talk.place.PlaceFinder} finds the numbers that may be distances, {@link hitch.core.talk.place.PlaceTrail} takes those that
 * a camera can have passed in that order, and {@link hitch.core.talk.place.Course} tells where it was at any word.
 */
package hitch.core.talk.place;
