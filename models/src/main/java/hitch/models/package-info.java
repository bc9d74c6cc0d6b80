/**
 * The models that ship with Hitch: a voice, an ear and a detector of speech, in parts as they lie in the archive, put together and checked
 * once in the data folder. Their licences lie beside them.
 */
package hitch.models;
