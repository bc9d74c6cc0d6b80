package hitch.store.seal;

import hitch.core.parcel.Marks;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.Signature;
import java.security.spec.PKCS8EncodedKeySpec;
import java.security.spec.X509EncodedKeySpec;
import java.util.Base64;

/**
 * The firm's own key, Ed25519 (RFC 8032). It is made when it is first asked for and never leaves the firm but by {@link
 * #export}; its fingerprint, SHA-256 of the public key as it is encoded in X.509 (RFC 8410), is printed in every report.
 */
public final class SigningKey {
    /** The private key; whoever has it can sign as the firm. */
    static final String PRIVATE = "signing-key.pem";

    /** The public key, to be handed on. */
    static final String PUBLIC = "signing-key-public.pem";

    static final String ALGORITHM = "Ed25519";

    private final PrivateKey secret;
    private final PublicKey open;

    private SigningKey(PrivateKey secret, PublicKey open) {
        this.secret = secret;
        this.open = open;
    }

    /**
     * The key kept in {@code folder}; one is made where there is none.
     *
     * @throws StoreException where it cannot be read or kept; a key that cannot be read is never written over
     */
    public static SigningKey in(Path folder) throws StoreException {
        Path file = folder.resolve(PRIVATE);
        try {
            if (Files.exists(file)) {
                return read(folder);
            }
            return make(folder);
        } catch (FileAlreadyExistsException e) {
            // Another window made it in between.
            return in(folder);
        } catch (IOException | GeneralSecurityException | IllegalArgumentException e) {
            throw new StoreException(
                    "The firm's signing key in " + folder + " cannot be read or kept: " + e.getMessage()
                            + ". Put it back from a copy, or move it away and a new one is made; what was signed before"
                            + " stays signed with the old one.",
                    e);
        }
    }

    private static SigningKey read(Path folder) throws IOException, GeneralSecurityException {
        KeyFactory keys = KeyFactory.getInstance(ALGORITHM);
        PrivateKey secret =
                keys.generatePrivate(new PKCS8EncodedKeySpec(bytes(Files.readString(folder.resolve(PRIVATE)))));
        PublicKey open = keys.generatePublic(new X509EncodedKeySpec(bytes(Files.readString(folder.resolve(PUBLIC)))));
        SigningKey key = new SigningKey(secret, open);
        byte[] probe = "probe".getBytes(StandardCharsets.UTF_8);
        if (!isSigned(probe, key.sign(probe), open)) {
            throw new GeneralSecurityException("the two halves of it do not belong together");
        }
        return key;
    }

    private static SigningKey make(Path folder) throws IOException, GeneralSecurityException {
        KeyPair pair = KeyPairGenerator.getInstance(ALGORITHM).generateKeyPair();
        Files.createDirectories(folder);
        // The public half goes first: with the private one alone a torn write would look like a lost key.
        Files.writeString(
                folder.resolve(PUBLIC), pem("PUBLIC KEY", pair.getPublic().getEncoded()));
        keepSecret(folder.resolve(PRIVATE), pem("PRIVATE KEY", pair.getPrivate().getEncoded()));
        return new SigningKey(pair.getPrivate(), pair.getPublic());
    }

    private static void keepSecret(Path file, String text) throws IOException {
        if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(file, text, StandardOpenOption.WRITE);
        } else {
            Files.writeString(file, text, StandardOpenOption.CREATE_NEW);
        }
    }

    private static String pem(String what, byte[] bytes) {
        return "-----BEGIN " + what + "-----\n"
                + Base64.getMimeEncoder(64, new byte[] {'\n'}).encodeToString(bytes)
                + "\n-----END " + what + "-----\n";
    }

    private static byte[] bytes(String pem) {
        return Base64.getMimeDecoder().decode(pem.replaceAll("-----[A-Z ]+-----", ""));
    }

    /** Writes both halves into a folder, to be kept safe or taken to another machine; nothing there is written over. */
    public void export(Path to) throws StoreException {
        try {
            Files.createDirectories(to);
            Files.writeString(to.resolve(PUBLIC), pem("PUBLIC KEY", open.getEncoded()), StandardOpenOption.CREATE_NEW);
            keepSecret(to.resolve(PRIVATE), pem("PRIVATE KEY", secret.getEncoded()));
        } catch (IOException e) {
            throw new StoreException(
                    "The signing key could not be written to " + to + ": " + e.getMessage()
                            + ". Nothing that was there was changed; choose an empty folder.",
                    e);
        }
    }

    byte[] sign(byte[] bytes) {
        try {
            Signature signature = Signature.getInstance(ALGORITHM);
            signature.initSign(secret);
            signature.update(bytes);
            return signature.sign();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("a key that was read can sign", e);
        }
    }

    static boolean isSigned(byte[] bytes, byte[] signature, PublicKey by) throws GeneralSecurityException {
        Signature check = Signature.getInstance(ALGORITHM);
        check.initVerify(by);
        check.update(bytes);
        return check.verify(signature);
    }

    static PublicKey open(byte[] encoded) throws GeneralSecurityException {
        return KeyFactory.getInstance(ALGORITHM).generatePublic(new X509EncodedKeySpec(encoded));
    }

    /** The public half as it is encoded in X.509. */
    byte[] open() {
        return open.getEncoded();
    }

    /** SHA-256 of the public half, in hexadecimal figures. */
    public String fingerprint() {
        return Marks.of(open.getEncoded());
    }
}
