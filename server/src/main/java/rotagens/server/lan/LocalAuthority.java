package rotagens.server.lan;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.CertificateEncodingException;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.Collection;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javax.security.auth.x500.X500Principal;
import org.bouncycastle.asn1.ASN1OctetString;
import org.bouncycastle.asn1.DEROctetString;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The fleet's own little authority: made on first use, it vouches for this server's addresses on the local network and, by its
 * name constraints, for nothing outside it, so that a phone which trusts it trusts it for little. Its keys never leave the data
 * folder.
 */
final class LocalAuthority {

    private static final String AUTHORITY = "authority";
    private static final String SERVER = "server";
    private static final Duration AUTHORITY_LASTS = Duration.ofDays(3650);
    /** Phones refuse server certificates that are good for longer. */
    private static final Duration SERVER_LASTS = Duration.ofDays(397);

    private static final Duration RENEWED_BEFORE = Duration.ofDays(30);

    /** Private networks, in address and mask. */
    private static final List<String> PRIVATE =
            List.of("0a000000ff000000", "ac100000fff00000", "c0a80000ffff0000", "7f000000ff000000", "a9fe0000ffff0000");

    private static final List<String> LOCAL_ENDINGS = List.of(".local", ".lan", ".internal", ".home.arpa");

    private final Path folder;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    LocalAuthority(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** Where the server's key and certificate are, and the password of that store. */
    record ServerKeys(Path store, String password, Path authority) {}

    /**
     * Keys for a server reached under these names and addresses: those of last time while they fit, else new ones under the same
     * authority.
     */
    ServerKeys serverKeys(Collection<String> names) {
        try {
            Files.createDirectories(folder);
            onlyMine(folder, "rwx------");
            String password = password();
            KeyStore keys = load(password);
            if (!keys.containsAlias(AUTHORITY) || vouchesForMore(keys)) {
                makeAuthority(keys, password, names);
            }
            if (!stillFits(keys, names)) {
                makeServer(keys, password, names);
            }
            Path pem = folder.resolve("authority.crt");
            Files.writeString(pem, pem(keys.getCertificate(AUTHORITY)));
            return new ServerKeys(store(), password, pem);
        } catch (IOException | GeneralSecurityException | OperatorCreationException e) {
            throw new IllegalStateException("The keys for the local network can’t be read or made in " + folder, e);
        }
    }

    /** An earlier version let it vouch for wherever the machine happened to be. Such a one is made anew. */
    private static boolean vouchesForMore(KeyStore keys) throws GeneralSecurityException {
        X509Certificate known = (X509Certificate) keys.getCertificate(AUTHORITY);
        byte[] inside = ASN1OctetString.getInstance(known.getExtensionValue(Extension.nameConstraints.getId()))
                .getOctets();
        return Arrays.stream(NameConstraints.getInstance(inside).getPermittedSubtrees())
                .map(GeneralSubtree::getBase)
                .anyMatch(tree -> tree.getTagNo() == GeneralName.iPAddress
                        ? !PRIVATE.contains(HexFormat.of()
                                .formatHex(ASN1OctetString.getInstance(tree.getName())
                                        .getOctets()))
                        : !isLocalName(tree.getName().toString()));
    }

    private Path store() {
        return folder.resolve("keys.p12");
    }

    private String password() throws IOException {
        Path file = folder.resolve("password");
        if (!Files.exists(file)) {
            byte[] bits = new byte[24];
            random.nextBytes(bits);
            Files.writeString(file, HexFormat.of().formatHex(bits));
            onlyMine(file, "rw-------");
        }
        return Files.readString(file).strip();
    }

    private KeyStore load(String password) throws IOException, GeneralSecurityException {
        KeyStore keys = KeyStore.getInstance("PKCS12");
        if (Files.exists(store())) {
            try (var in = Files.newInputStream(store())) {
                keys.load(in, password.toCharArray());
            }
        } else {
            keys.load(null, null);
        }
        return keys;
    }

    private void save(KeyStore keys, String password) throws IOException, GeneralSecurityException {
        Path half = folder.resolve("keys.part");
        try (OutputStream out = Files.newOutputStream(half)) {
            keys.store(out, password.toCharArray());
        }
        onlyMine(half, "rw-------");
        Files.move(half, store(), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    private void makeAuthority(KeyStore keys, String password, Collection<String> names)
            throws IOException, GeneralSecurityException, OperatorCreationException {
        KeyPair pair = pair();
        X500Principal self = new X500Principal(
                "CN=Rotagens local authority " + HexFormat.of().formatHex(serial(4)));
        X509v3CertificateBuilder maker = maker(self, self, pair, AUTHORITY_LASTS);
        maker.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        maker.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
        maker.addExtension(Extension.nameConstraints, true, new NameConstraints(allowed(names), null));
        maker.addExtension(
                Extension.subjectKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createSubjectKeyIdentifier(pair.getPublic()));
        X509Certificate made = signed(maker, pair.getPrivate());
        keys.setKeyEntry(AUTHORITY, pair.getPrivate(), password.toCharArray(), new Certificate[] {made});
        save(keys, password);
    }

    /** Private addresses, and this machine's local names; nothing that could be somebody's in the world outside. */
    private static GeneralSubtree[] allowed(Collection<String> names) {
        List<GeneralSubtree> trees = new ArrayList<>();
        PRIVATE.forEach(range -> trees.add(subtree(HexFormat.of().parseHex(range))));
        for (String name : names) {
            if (!isAddress(name)) {
                trees.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, name)));
            }
        }
        return trees.toArray(GeneralSubtree[]::new);
    }

    /** Whether an address or a name can only be of a local network. */
    static boolean isLocal(String name) {
        return isAddress(name) ? isPrivate(name) : isLocalName(name);
    }

    /** One label, or an ending that is kept for local networks. */
    static boolean isLocalName(String name) {
        return !name.contains(".") || LOCAL_ENDINGS.stream().anyMatch(name::endsWith);
    }

    static boolean isPrivate(String address) {
        byte[] bytes = bytes(address);
        return PRIVATE.stream().map(HexFormat.of()::parseHex).anyMatch(range -> isIn(bytes, range));
    }

    private static boolean isIn(byte[] address, byte[] range) {
        if (address.length * 2 != range.length) {
            return false;
        }
        for (int i = 0; i < address.length; i++) {
            if ((address[i] & range[address.length + i]) != range[i]) {
                return false;
            }
        }
        return true;
    }

    private static GeneralSubtree subtree(byte[] addressAndMask) {
        return new GeneralSubtree(new GeneralName(GeneralName.iPAddress, new DEROctetString(addressAndMask)));
    }

    private void makeServer(KeyStore keys, String password, Collection<String> names)
            throws IOException, GeneralSecurityException, OperatorCreationException {
        X509Certificate authority = (X509Certificate) keys.getCertificate(AUTHORITY);
        PrivateKey signer = (PrivateKey) keys.getKey(AUTHORITY, password.toCharArray());
        KeyPair pair = pair();
        X509v3CertificateBuilder maker =
                maker(authority.getSubjectX500Principal(), new X500Principal("CN=Rotagens"), pair, SERVER_LASTS);
        maker.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        maker.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
        maker.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        maker.addExtension(
                Extension.authorityKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(authority));
        maker.addExtension(
                Extension.subjectAlternativeName,
                false,
                new GeneralNames(names.stream()
                        .map(name ->
                                new GeneralName(isAddress(name) ? GeneralName.iPAddress : GeneralName.dNSName, name))
                        .toArray(GeneralName[]::new)));
        X509Certificate made = signed(maker, signer);
        keys.setKeyEntry(SERVER, pair.getPrivate(), password.toCharArray(), new Certificate[] {made, authority});
        save(keys, password);
    }

    private boolean stillFits(KeyStore keys, Collection<String> names) throws GeneralSecurityException {
        if (!(keys.getCertificate(SERVER) instanceof X509Certificate known)) {
            return false;
        }
        Set<String> vouched = new TreeSet<>();
        known.getSubjectAlternativeNames().forEach(name -> vouched.add(canonical(String.valueOf(name.get(1)))));
        Set<String> wanted = new TreeSet<>();
        names.forEach(name -> wanted.add(canonical(name)));
        Instant renew = known.getNotAfter().toInstant().minus(RENEWED_BEFORE);
        return vouched.containsAll(wanted) && clock.instant().isBefore(renew);
    }

    private static String canonical(String name) {
        return isAddress(name) ? HexFormat.of().formatHex(bytes(name)) : name;
    }

    private static boolean isAddress(String name) {
        return name.contains(":") || name.matches("[0-9.]+");
    }

    private static byte[] bytes(String address) {
        try {
            return InetAddress.getByName(address).getAddress();
        } catch (IOException e) {
            throw new IllegalArgumentException(address + " is no address", e);
        }
    }

    private X509v3CertificateBuilder maker(X500Principal issuer, X500Principal subject, KeyPair pair, Duration lasts) {
        Instant from = clock.instant().minus(Duration.ofHours(1));
        return new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(1, serial(16)),
                Date.from(from),
                Date.from(from.plus(lasts)),
                subject,
                pair.getPublic());
    }

    private byte[] serial(int length) {
        byte[] bits = new byte[length];
        random.nextBytes(bits);
        return bits;
    }

    private static X509Certificate signed(X509v3CertificateBuilder maker, PrivateKey signer)
            throws OperatorCreationException, GeneralSecurityException {
        return new JcaX509CertificateConverter()
                .getCertificate(maker.build(new JcaContentSignerBuilder("SHA256withECDSA").build(signer)));
    }

    private static KeyPair pair() throws GeneralSecurityException {
        KeyPairGenerator maker = KeyPairGenerator.getInstance("EC");
        maker.initialize(new ECGenParameterSpec("secp256r1"));
        return maker.generateKeyPair();
    }

    private static String pem(Certificate certificate) throws CertificateEncodingException {
        return "-----BEGIN CERTIFICATE-----\n"
                + Base64.getMimeEncoder(64, new byte[] {'\n'}).encodeToString(certificate.getEncoded())
                + "\n-----END CERTIFICATE-----\n";
    }

    private static void onlyMine(Path path, String permissions) throws IOException {
        if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(permissions));
        }
    }
}
