package hingeyard.formats;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.cert.CertificateEncodingException;
import java.security.cert.CertificateException;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The certificate of the shop's own network, as {@code ./yard tls} keeps it.
 *
 * @param names addresses first, then names
 * @param until valid until then
 * @param root  fingerprint of the root that tablets have to know; empty where the certificate is one of the shop's own
 */
public record ShopCertificate(List<String> names, Instant until, Optional<String> root) {

    /** Types of a name in a certificate, by RFC 5280. */
    private static final int DNS = 2;
    private static final int IP = 7;
    private static final Pattern CERTIFICATE = Pattern.compile("-----BEGIN CERTIFICATE-----.*?-----END CERTIFICATE-----", Pattern.DOTALL);

    /** Key, certificate and who signed it, in one file. @param folder everything is kept in */
    public static Path pem(Path folder) {
        return folder.resolve("tls").resolve("server.pem");
    }

    /** The root alone. @param folder everything is kept in */
    public static Path root(Path folder) {
        return folder.resolve("tls").resolve("root.crt");
    }

    /**
     * Empty where there is none.
     *
     * @param folder everything is kept in
     * @throws IOException when there is one that cannot be read
     */
    public static Optional<ShopCertificate> read(Path folder) throws IOException {
        if (!Files.exists(pem(folder))) {
            return Optional.empty();
        }
        String text = Files.readString(pem(folder), StandardCharsets.US_ASCII);
        try {
            List<X509Certificate> chain = certificates(text);
            if (chain.isEmpty()) {
                throw new IOException("no certificate in " + pem(folder));
            }
            // Offered to tablets only where it signed what they will see.
            Optional<X509Certificate> own = Files.exists(root(folder))
                    ? certificates(Files.readString(root(folder), StandardCharsets.US_ASCII)).stream().findFirst().filter(chain::contains)
                    : Optional.empty();
            return Optional.of(new ShopCertificate(names(chain.get(0)), chain.get(0).getNotAfter().toInstant(),
                    own.map(ShopCertificate::fingerprint)));
        } catch (CertificateException wrong) {
            throw new IOException("no certificate in " + pem(folder), wrong);
        }
    }

    private static List<X509Certificate> certificates(String text) throws CertificateException {
        CertificateFactory factory = CertificateFactory.getInstance("X.509");
        Matcher each = CERTIFICATE.matcher(text);
        List<X509Certificate> found = new ArrayList<>();
        while (each.find()) {
            found.add((X509Certificate) factory
                    .generateCertificate(new ByteArrayInputStream(each.group().getBytes(StandardCharsets.US_ASCII))));
        }
        return found;
    }

    private static List<String> names(X509Certificate certificate) throws CertificateException {
        return Optional.ofNullable(certificate.getSubjectAlternativeNames()).orElse(List.of()).stream()
                .filter(n -> n.get(0).equals(DNS) || n.get(0).equals(IP))
                .sorted(Comparator.comparing((List<?> n) -> n.get(0).equals(DNS)).thenComparing(n -> n.get(1).toString()))
                .map(n -> n.get(1).toString()).toList();
    }

    private static String fingerprint(X509Certificate certificate) {
        try {
            return HexFormat.ofDelimiter(":").withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded()));
        } catch (NoSuchAlgorithmException | CertificateEncodingException e) {
            throw new IllegalStateException(e);
        }
    }
}
