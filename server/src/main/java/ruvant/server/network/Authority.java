package ruvant.server.network;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x500.X500NameBuilder;
import org.bouncycastle.asn1.x500.style.BCStyle;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * This shop's own authority, made once: devices that have it installed know Ruvant again and encrypt what they send. It can vouch
 * for nothing but this machine's name and addresses of private networks, so that nobody could misuse it for other places
 * even with its key.
 */
final class Authority {
    static final String ALIAS = "ruvant";

    /** The files are readable by nobody but whoever runs Ruvant; the format wants a password all the same. */
    static final char[] PASSWORD = "ruvant".toCharArray();

    private static final Duration OF_THE_AUTHORITY = Duration.ofDays(3_650);
    /** Browsers take no longer ones. */
    private static final Duration OF_A_CERTIFICATE = Duration.ofDays(397);

    private static final Duration RENEWED_BEFORE = Duration.ofDays(60);
    private static final List<String> PRIVATE_NETWORKS = List.of(
            "10.0.0.0/8",
            "172.16.0.0/12",
            "192.168.0.0/16",
            "169.254.0.0/16",
            "100.64.0.0/10",
            "127.0.0.0/8",
            "fc00::/7",
            "fe80::/10",
            "::1/128");

    private final Path folder;
    private final Clock clock;

    /** @param folder where the keys are kept; made where it is not there */
    Authority(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /**
     * The key and certificate for these names: those from before where they still do, else new ones.
     *
     * @param names names and addresses, IPv6 in brackets
     */
    KeyStore certificateFor(Set<String> names) throws GeneralSecurityException, IOException {
        Files.createDirectories(folder);
        onlyMine(folder);
        Path own = folder.resolve("authority.p12");
        KeyStore authority = Files.exists(own) ? read(own) : keep(own, newAuthority(names));
        Path file = folder.resolve("certificate.p12");
        Set<String> wanted = new TreeSet<>(names);
        wanted.addAll(Set.of("localhost", "127.0.0.1", "[::1]"));
        if (Files.exists(file)) {
            KeyStore before = read(file);
            if (serves((X509Certificate) before.getCertificate(ALIAS), wanted)) {
                return before;
            }
        }
        return keep(file, newCertificate(authority, wanted));
    }

    /** The certificate that devices install. */
    X509Certificate certificate() throws GeneralSecurityException, IOException {
        return (X509Certificate) read(folder.resolve("authority.p12")).getCertificate(ALIAS);
    }

    /** The fingerprint that devices show before they install it: SHA-256, in pairs. */
    static String fingerprint(X509Certificate certificate) throws GeneralSecurityException {
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
        return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
    }

    /** Whether a certificate is for all these names and will not end soon. */
    boolean serves(X509Certificate before, Set<String> names) throws GeneralSecurityException {
        Collection<List<?>> known = before.getSubjectAlternativeNames();
        Set<String> has = known == null
                ? Set.of()
                : known.stream().map(one -> plain(String.valueOf(one.get(1)))).collect(Collectors.toSet());
        return before.getNotAfter().toInstant().isAfter(clock.instant().plus(RENEWED_BEFORE))
                && names.stream().map(Authority::plain).allMatch(has::contains);
    }

    /** As two ways of writing one address compare. */
    private static String plain(String name) {
        String bare = bare(name);
        if (!bare.contains(":")) {
            return bare.toLowerCase(Locale.ROOT);
        }
        try {
            return java.net.InetAddress.getByName(bare).getHostAddress();
        } catch (java.net.UnknownHostException noAddress) {
            return bare;
        }
    }

    private static String bare(String name) {
        return name.startsWith("[") ? name.substring(1, name.length() - 1) : name;
    }

    private KeyStore newAuthority(Set<String> names) throws GeneralSecurityException, IOException {
        KeyPair keys = newKeys();
        X500Name name = name("Ruvant of this workshop " + serial().toString(36).substring(0, 6));
        List<GeneralSubtree> permitted = new ArrayList<>();
        PRIVATE_NETWORKS.forEach(one -> permitted.add(new GeneralSubtree(new GeneralName(GeneralName.iPAddress, one))));
        names.forEach(one -> permitted.add(new GeneralSubtree(generalName(one, true))));
        List.of("local", "localhost")
                .forEach(one -> permitted.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, one))));
        JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                name, serial(), from(), until(OF_THE_AUTHORITY), name, keys.getPublic());
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign))
                .addExtension(
                        Extension.nameConstraints,
                        true,
                        new NameConstraints(permitted.toArray(GeneralSubtree[]::new), null))
                .addExtension(
                        Extension.subjectKeyIdentifier,
                        false,
                        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(keys.getPublic()));
        return store(keys.getPrivate(), signed(builder, keys.getPrivate()));
    }

    private KeyStore newCertificate(KeyStore authority, Set<String> names)
            throws GeneralSecurityException, IOException {
        X509Certificate issuer = (X509Certificate) authority.getCertificate(ALIAS);
        KeyPair keys = newKeys();
        JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                issuer, serial(), from(), until(OF_A_CERTIFICATE), name("Ruvant"), keys.getPublic());
        JcaX509ExtensionUtils made = new JcaX509ExtensionUtils();
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature))
                .addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                .addExtension(
                        Extension.subjectAlternativeName,
                        false,
                        new GeneralNames(names.stream()
                                .map(one -> generalName(one, false))
                                .toArray(GeneralName[]::new)))
                .addExtension(
                        Extension.authorityKeyIdentifier,
                        false,
                        made.createAuthorityKeyIdentifier(issuer.getPublicKey()))
                .addExtension(Extension.subjectKeyIdentifier, false, made.createSubjectKeyIdentifier(keys.getPublic()));
        PrivateKey signer = (PrivateKey) authority.getKey(ALIAS, PASSWORD);
        return store(keys.getPrivate(), signed(builder, signer), issuer);
    }

    private static GeneralName generalName(String name, boolean asNetwork) {
        String bare = bare(name);
        if (bare.contains(":")) {
            return new GeneralName(GeneralName.iPAddress, asNetwork ? bare + "/128" : bare);
        }
        return bare.matches("[0-9.]+")
                ? new GeneralName(GeneralName.iPAddress, asNetwork ? bare + "/32" : bare)
                : new GeneralName(GeneralName.dNSName, bare);
    }

    private static KeyPair newKeys() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        return generator.generateKeyPair();
    }

    private static X500Name name(String common) {
        return new X500NameBuilder()
                .addRDN(BCStyle.O, "Ruvant")
                .addRDN(BCStyle.CN, common)
                .build();
    }

    private static BigInteger serial() {
        return new BigInteger(120, new SecureRandom()).setBit(119);
    }

    /** Devices whose clocks are a little behind take it as well. */
    private Date from() {
        return Date.from(clock.instant().minus(Duration.ofDays(1)));
    }

    private Date until(Duration length) {
        return Date.from(clock.instant().plus(length).minus(Duration.ofDays(2)));
    }

    private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
            throws GeneralSecurityException, CertIOException {
        try {
            return new JcaX509CertificateConverter()
                    .getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(by)));
        } catch (OperatorCreationException impossible) {
            throw new GeneralSecurityException(impossible);
        }
    }

    private static KeyStore store(PrivateKey key, Certificate... chain) throws GeneralSecurityException, IOException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        store.setKeyEntry(ALIAS, key, PASSWORD, chain);
        return store;
    }

    private static KeyStore read(Path file) throws GeneralSecurityException, IOException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD);
        }
        return store;
    }

    private static KeyStore keep(Path file, KeyStore store) throws GeneralSecurityException, IOException {
        Path half = file.resolveSibling(file.getFileName() + ".half");
        Files.deleteIfExists(half);
        Files.createFile(half);
        onlyMine(half);
        try (OutputStream out = Files.newOutputStream(half)) {
            store.store(out, PASSWORD);
        }
        Files.move(half, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        return store;
    }

    private static void onlyMine(Path place) throws IOException {
        if (place.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Set<PosixFilePermission> mine = Files.isDirectory(place)
                    ? Set.of(
                            PosixFilePermission.OWNER_READ,
                            PosixFilePermission.OWNER_WRITE,
                            PosixFilePermission.OWNER_EXECUTE)
                    : Set.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
            Files.setPosixFilePermissions(place, mine);
        }
    }
}
