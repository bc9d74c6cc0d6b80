/**
 * What proves that a parcel is as it was made, and by whom: the firm's {@link hitch.store.seal.SigningKey}, the {@link
 * hitch.store.seal.SignatureFile} beside a manifest, and {@link hitch.store.seal.Verified}, which holds a folder against
 * both.
 */
package hitch.store.seal;
