<?php

declare(strict_types=1);

namespace App\Access;

use OpenSSLAsymmetricKey;
use OpenSSLCertificate;
use RuntimeException;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * The workroom's own authority: it vouches for this machine's address in the home network, and can vouch for nothing
 * outside it. Its key never leaves the directory it was made in. RFC 5280 (name constraints), RFC 6125.
 */
final readonly class Authority
{
    private const YEARS = 10;

    /** No address: some programs judge a name here as if it were one. */
    private const SERVER = 'Ilvane workroom server';

    /** Phones take no certificate for a server that holds much longer than a year. */
    private const SERVER_DAYS = 390;

    /** Made anew when it would end within so many days. */
    private const RENEW_DAYS = 40;

    private const DAY_S = 86_400;

    /** Private addresses (RFC 1918, 3927, 4193) and names of a home network; nothing else can be vouched for. */
    private const PERMITTED = [
        'IP.1' => '10.0.0.0/255.0.0.0',
        'IP.2' => '172.16.0.0/255.240.0.0',
        'IP.3' => '192.168.0.0/255.255.0.0',
        'IP.4' => '169.254.0.0/255.255.0.0',
        'IP.5' => 'fc00::/fe00::',
        'IP.6' => 'fe80::/ffc0::',
        'DNS.1' => 'local',
        'DNS.2' => 'lan',
    ];

    /** The addresses among those, as networks. */
    private const PRIVATE = [
        '10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '169.254.0.0/16', 'fc00::/7', 'fe80::/10',
    ];

    public function __construct(private string $directory)
    {
    }

    /** A phone takes its word for this address or name. */
    public static function mayVouchFor(string $name): bool
    {
        return filter_var($name, FILTER_VALIDATE_IP) === false
            ? preg_match('/\.(local|lan)$/i', $name) === 1
            : IpUtils::checkIp($name, self::PRIVATE);
    }

    /** The authority's certificate, for a phone to install; null before it was made. */
    public function certificate(): ?string
    {
        return is_file($this->at('authority.crt')) ? (string) file_get_contents($this->at('authority.crt')) : null;
    }

    /** "AB:CD:…", SHA-256 of the certificate; null before it was made. */
    public function fingerprint(): ?string
    {
        $certificate = $this->certificate();
        $digest = $certificate === null ? false : openssl_x509_fingerprint($certificate, 'sha256');

        return $digest === false ? null : strtoupper(implode(':', str_split($digest, 2)));
    }

    /**
     * Makes what is missing: the authority once, the certificate of this machine for its names whenever they changed or
     * it is about to end.
     *
     * @param  non-empty-list<string>  $names  addresses and names in the home network
     *
     * @throws RuntimeException where the directory can't be written
     */
    public function vouchFor(array $names): void
    {
        if (! is_dir($this->directory) && ! mkdir($this->directory, 0700, true)) {
            throw new RuntimeException("Can't make $this->directory");
        }
        chmod($this->directory, 0700);
        if ($this->certificate() === null || ! is_file($this->at('authority.key'))) {
            $this->begin();
        }
        if (! $this->isVouchedFor($names)) {
            $this->sign($names);
        }
    }

    /** @param  list<string>  $names */
    private function isVouchedFor(array $names): bool
    {
        $file = $this->at('server.crt');
        $read = is_file($file) && is_file($this->at('server.key'))
            ? openssl_x509_parse((string) file_get_contents($file))
            : false;
        if ($read === false || $read['validTo_time_t'] < time() + self::RENEW_DAYS * self::DAY_S) {
            return false;
        }
        $said = array_map(
            static fn (string $one): string => (string) preg_replace('/^\s*(DNS|IP Address):/', '', $one),
            explode(',', (string) ($read['extensions']['subjectAltName'] ?? '')),
        );

        return array_diff($names, $said) === []
            && openssl_x509_verify((string) file_get_contents($file), (string) $this->certificate()) === 1;
    }

    private function begin(): void
    {
        $key = $this->newKey('authority.key');
        $permitted = '';
        foreach (self::PERMITTED as $kind => $what) {
            $permitted .= "permitted;$kind = $what\n";
        }
        $certificate = $this->signed(
            ['commonName' => 'Ilvane workroom, '.gethostname(), 'organizationName' => 'Ilvane, made on this machine'],
            $key,
            null,
            $key,
            self::YEARS * 365,
            "basicConstraints = critical, CA:TRUE, pathlen:0\nkeyUsage = critical, keyCertSign, cRLSign\n"
                ."subjectKeyIdentifier = hash\nnameConstraints = critical, @permitted\n[permitted]\n$permitted",
        );
        openssl_x509_export($certificate, $text);
        $this->write('authority.crt', $text);
        @unlink($this->at('server.crt'));
    }

    /** @param  non-empty-list<string>  $names */
    private function sign(array $names): void
    {
        $lines = '';
        foreach ($names as $i => $name) {
            $lines .= (filter_var($name, FILTER_VALIDATE_IP) === false ? "DNS.$i" : "IP.$i")." = $name\n";
        }
        $key = $this->newKey('server.key');
        $authority = openssl_pkey_get_private((string) file_get_contents($this->at('authority.key')))
            ?: throw new RuntimeException('The key of the authority can’t be read.');
        $certificate = $this->signed(
            ['commonName' => self::SERVER],
            $key,
            (string) $this->certificate(),
            $authority,
            self::SERVER_DAYS,
            "basicConstraints = critical, CA:FALSE\nkeyUsage = critical, digitalSignature\n"
                ."extendedKeyUsage = serverAuth\nsubjectKeyIdentifier = hash\nauthorityKeyIdentifier = keyid\n"
                ."subjectAltName = @names\n[names]\n$lines",
        );
        openssl_x509_export($certificate, $text);
        $this->write('server.crt', $text);
    }

    /** @param  array<string, string>  $subject */
    private function signed(
        array $subject,
        OpenSSLAsymmetricKey $key,
        ?string $by,
        OpenSSLAsymmetricKey $with,
        int $days,
        string $extensions,
    ): OpenSSLCertificate {
        $config = $this->at('openssl.cnf');
        $this->write(
            'openssl.cnf',
            "[req]\ndistinguished_name = name\n[name]\n[said]\n$extensions",
        );
        $how = ['config' => $config, 'digest_alg' => 'sha256', 'x509_extensions' => 'said'];
        $request = openssl_csr_new($subject, $key, $how);
        $certificate = $request instanceof \OpenSSLCertificateSigningRequest
            ? openssl_csr_sign($request, $by, $with, $days, $how, random_int(1, PHP_INT_MAX))
            : false;
        unlink($config);

        return $certificate ?: throw new RuntimeException('No certificate could be made: '.openssl_error_string());
    }

    /** An elliptic key: phones of ten years ago know it, and it is made at once. */
    private function newKey(string $file): OpenSSLAsymmetricKey
    {
        $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1'])
            ?: throw new RuntimeException('No key could be made.');
        openssl_pkey_export($key, $text);
        $this->write($file, $text);

        return $key;
    }

    private function write(string $file, string $text): void
    {
        $before = umask(0077);
        $isWritten = file_put_contents($this->at($file), $text) !== false;
        umask($before);
        if (! $isWritten || ! chmod($this->at($file), 0600)) {
            throw new RuntimeException("Can't write {$this->at($file)}");
        }
    }

    private function at(string $file): string
    {
        return "$this->directory/$file";
    }
}
