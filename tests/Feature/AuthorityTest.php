<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\AccessControl;
use App\Access\Authority;
use Symfony\Component\Process\Process;
use Tests\Support\AppCase;

/** The workroom's own authority, looked at with the openssl program: not with what made it. */
final class AuthorityTest extends AppCase
{
    private string $directory;

    protected function setUp(): void
    {
        parent::setUp();
        $this->directory = sys_get_temp_dir().'/ilvane-authority-'.bin2hex(random_bytes(6));
        config(['ilvane.authority' => $this->directory]);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->directory]))->run();
        parent::tearDown();
    }

    public function test_it_vouches_for_private_addresses_and_names_and_for_nothing_else(): void
    {
        $authority = new Authority($this->directory);
        foreach (['192.168.1.5', '10.0.0.9', '172.31.255.1', 'kitchen.local', 'workroom.lan'] as $name) {
            $authority->vouchFor([$name]);
            self::assertSame('', $this->refused(), $name);
            self::assertTrue(Authority::mayVouchFor($name), $name);
        }
        foreach (['172.32.0.1', '8.8.8.8', '192.169.0.1', 'example.org', 'local.example.org'] as $name) {
            $authority->vouchFor([$name]);
            self::assertStringContainsString('permitted subtree violation', $this->refused(), $name);
            self::assertFalse(Authority::mayVouchFor($name), $name);
            $this->artisan('ilvane:certificate', ['names' => [$name]])->assertFailed();
        }
    }

    public function test_its_key_is_the_makers_alone_and_it_stays_when_the_address_changes(): void
    {
        $authority = new Authority($this->directory);
        $authority->vouchFor(['192.168.1.5', 'kitchen.local']);
        [$print, $server] = [$authority->fingerprint(), file_get_contents("$this->directory/server.crt")];
        foreach (['authority.key', 'authority.crt', 'server.key', 'server.crt'] as $file) {
            self::assertSame(0600, fileperms("$this->directory/$file") & 0777, $file);
        }
        self::assertSame(0700, fileperms($this->directory) & 0777);
        self::assertSame(
            "sha256 Fingerprint=$print",
            $this->openssl('x509', '-in', "$this->directory/authority.crt", '-noout', '-fingerprint', '-sha256'),
        );
        $authority->vouchFor(['192.168.1.5', 'kitchen.local']);
        self::assertSame($server, file_get_contents("$this->directory/server.crt"), 'nothing new without a reason');
        $authority->vouchFor(['192.168.1.6', 'kitchen.local']);
        self::assertNotSame($server, file_get_contents("$this->directory/server.crt"), 'a new address');
        self::assertSame($print, $authority->fingerprint(), 'the same authority');
        self::assertSame('', $this->refused());
        self::assertStringContainsString(
            'pathlen:0',
            $this->openssl('x509', '-in', "$this->directory/authority.crt", '-noout', '-text'),
            'nobody else becomes one by it',
        );
    }

    public function test_the_page_that_offers_it_says_what_it_can_do_and_only_the_certificate_is_given_out(): void
    {
        $this->get('/authority')->assertNotFound();
        (new Authority($this->directory))->vouchFor(['192.168.1.5']);
        config(['ilvane.hosts' => ['127.0.0.1', '192.168.1.5'], 'ilvane.https' => ['192.168.1.5:8443']]);
        AccessControl::setPassphrase('four words do well');
        url()->forceRootUrl('http://192.168.1.5:8040');
        $phone = $this->withServerVariables(['REMOTE_ADDR' => '192.168.1.77']);
        $phone
            ->get('/authority')
            ->assertOk()
            ->assertSeeInOrder(explode(':', (string) (new Authority($this->directory))->fingerprint()))
            ->assertSee('is in no copy and no export')
            ->assertSee('Remove it')
            ->assertSee('https://192.168.1.5:8443/', false);
        $given = (string) $phone
            ->get('/authority/certificate')
            ->assertOk()
            ->assertHeader('Content-Type', 'application/x-x509-ca-cert')
            ->getContent();
        self::assertStringStartsWith('-----BEGIN CERTIFICATE-----', $given);
        self::assertStringNotContainsString('PRIVATE', $given);
        $phone->get('/formulas')->assertRedirect();
    }

    private function refused(): string
    {
        $verify = new Process([
            'openssl', 'verify', '-CAfile', "$this->directory/authority.crt", "$this->directory/server.crt",
        ]);
        $verify->run();

        return $verify->isSuccessful() ? '' : $verify->getErrorOutput().$verify->getOutput();
    }

    private function openssl(string ...$arguments): string
    {
        return trim((new Process(['openssl', ...$arguments]))->mustRun()->getOutput());
    }
}
