<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\AccessControl;
use App\Access\Invitation;
use App\Drawing\QrCode;
use App\Models\Device;
use App\Today\CalendarFile;
use Illuminate\Support\Facades\DB;
use Tests\Support\AppCase;

final class AccessTest extends AppCase
{
    private const PHRASE = 'four words do well';

    private const PHONE = '192.168.1.77';

    protected function setUp(): void
    {
        parent::setUp();
        config(['ilvane.hosts' => ['127.0.0.1', '192.168.1.5'], 'ilvane.lan' => ['192.168.1.5:8040']]);
    }

    public function test_without_a_passphrase_only_this_machine_is_answered(): void
    {
        $this->here()->get('http://127.0.0.1/')->assertOk();
        $this->fromPhone()->get('/')->assertForbidden()->assertSee('answers its own machine only');
        $this->fromPhone()->get('/sign-in')->assertForbidden();
        self::assertNull(Invitation::to('/'));
        $this
            ->here()
            ->get('http://127.0.0.1/on-the-phone?to=/infusions')
            ->assertOk()
            ->assertSee('Set a passphrase')
            ->assertDontSee('class="qr"', false);
    }

    public function test_a_device_comes_in_with_the_passphrase_and_goes_where_it_wanted(): void
    {
        AccessControl::setPassphrase(self::PHRASE);
        $this->fromPhone()->get('/infusions?old=1')->assertRedirectContains('/sign-in?to=%2Finfusions%3Fold%3D1');
        $this
            ->fromPhone()
            ->post('/sign-in', ['passphrase' => 'four words do wel', 'to' => '/infusions'])
            ->assertSessionHasErrors('passphrase');
        $this->fromPhone()->get('/infusions')->assertRedirect();
        $cookie = $this->letIn('Kitchen tablet', '/infusions');
        $this->fromPhone($cookie)->get('/infusions')->assertOk();
        $this->fromPhone(($cookie[0] === 'x' ? 'y' : 'x').substr($cookie, 1))->get('/infusions')->assertRedirect();
        self::assertSame(
            0,
            DB::table('devices')->where('token_hash', $cookie)->count(),
            'the token itself is kept nowhere',
        );
    }

    public function test_a_device_that_is_ended_is_out_at_once_and_so_are_all_with_a_new_passphrase(): void
    {
        AccessControl::setPassphrase(self::PHRASE);
        [$tablet, $phone] = [$this->letIn('Tablet'), $this->letIn('Phone')];
        $this->here()->get('http://127.0.0.1/settings')->assertSee('Tablet')->assertSee('Phone');
        $this
            ->here()
            ->post('http://127.0.0.1/settings/devices/'.Device::query()->where('name', 'Tablet')->value('id').'/end')
            ->assertRedirect();
        $this->fromPhone($tablet)->get('/')->assertRedirect();
        $this->fromPhone($tablet)->getJson('/make/x/y')->assertUnauthorized();
        $this->fromPhone($phone)->get('/')->assertOk();
        AccessControl::setPassphrase('another four good words');
        $this->fromPhone($phone)->get('/')->assertRedirect();
        AccessControl::setPassphrase('');
        $this->fromPhone($phone)->get('/')->assertForbidden();
    }

    public function test_who_guesses_has_to_wait(): void
    {
        AccessControl::setPassphrase(self::PHRASE);
        for ($i = 0; $i < 5; $i++) {
            $this->fromPhone()->post('/sign-in', ['passphrase' => "guess number $i"]);
        }
        $this
            ->fromPhone()
            ->post('/sign-in', ['passphrase' => self::PHRASE])
            ->assertSessionHasErrors(['passphrase' => 'Too many tries. Wait 10 minutes.'])
            ->assertCookieMissing(AccessControl::COOKIE);
        $this
            ->withServerVariables(['REMOTE_ADDR' => '192.168.1.78'])
            ->post('http://192.168.1.5/sign-in', ['passphrase' => self::PHRASE])
            ->assertCookie(AccessControl::COOKIE, encrypted: false);
        $this->travel(11)->minutes();
        $this
            ->fromPhone()
            ->post('/sign-in', ['passphrase' => self::PHRASE])
            ->assertCookie(AccessControl::COOKIE, encrypted: false);
    }

    public function test_an_invitation_is_good_once_and_for_ten_minutes(): void
    {
        AccessControl::setPassphrase(self::PHRASE);
        $link = (string) Invitation::to('/formulas');
        self::assertStringStartsWith('http://192.168.1.5:8040/come-in?', $link);
        $this->fromPhone()->get($link)->assertOk()->assertSee('Come in');
        $this->fromPhone()->get(str_replace('formulas', 'settings', $link))->assertRedirectContains('/sign-in');
        $this
            ->fromPhone()
            ->post($link, ['device' => 'Phone'])
            ->assertRedirect('/formulas')
            ->assertCookie(AccessControl::COOKIE, encrypted: false);
        $this
            ->fromPhone()
            ->post($link, ['device' => 'Thief'])
            ->assertRedirectContains('/sign-in')
            ->assertCookieMissing(AccessControl::COOKIE);
        $late = (string) Invitation::to('/');
        $this->travel(Invitation::MINUTES + 1)->minutes();
        $this->fromPhone()->post($late)->assertRedirectContains('/sign-in');
        self::assertSame(['Phone'], Device::query()->pluck('name')->all());
    }

    public function test_nobody_is_led_to_another_place(): void
    {
        self::assertSame(
            ['/', '/', '/', '/make/241124-A/weigh.1', '/'],
            array_map(
                Invitation::path(...),
                ['//evil.example/x', 'http://evil.example', '/\\evil.example', '/make/241124-A/weigh.1', "/a\nb"],
            ),
        );
    }

    public function test_a_passphrase_is_set_at_this_machine_only_and_not_too_short(): void
    {
        AccessControl::setPassphrase(self::PHRASE);
        $cookie = $this->letIn('Phone');
        $this->fromPhone($cookie)->post('/settings/passphrase', ['passphrase' => 'now it is mine'])->assertForbidden();
        $this
            ->here()
            ->post('http://127.0.0.1/settings/passphrase', ['passphrase' => 'short'])
            ->assertSessionHasErrors('passphrase');
        $this->fromPhone($cookie)->get('/')->assertOk();
        $this->here()->post('http://127.0.0.1/settings/passphrase', ['do' => 'close'])->assertSessionHasNoErrors();
        self::assertFalse(AccessControl::hasPassphrase());
        $this->artisan('ilvane:passphrase', ['--is-set' => true])->assertFailed();
    }

    public function test_the_calendar_feed_keeps_its_own_token(): void
    {
        AccessControl::setPassphrase(self::PHRASE);
        $this->here()->post('http://127.0.0.1/calendar');
        $this->fromPhone()->get('/calendar/'.CalendarFile::token().'.ics')->assertOk();
        $this->fromPhone()->get('/calendar/'.str_repeat('0', 32).'.ics')->assertNotFound();
        $this->fromPhone()->get('/calendar.ics')->assertRedirect();
    }

    public function test_the_code_has_its_quiet_margin(): void
    {
        $code = QrCode::of('http://192.168.1.5:8040/');
        self::assertSame(
            25 + 8,
            $code->size,
            'version 2 holds 24 letters at level M: 25 modules (ISO/IEC 18004, table 7)',
        );
        self::assertStringStartsWith('M4 4h7v1h-7z', $code->path, 'a finder pattern begins with seven dark modules');
    }

    private function fromPhone(?string $cookie = null): self
    {
        config(['app.url' => 'http://192.168.1.5']);
        url()->forceRootUrl('http://192.168.1.5');
        $this->withServerVariables(['REMOTE_ADDR' => self::PHONE]);
        $this->unencryptedCookies = $cookie === null ? [] : [AccessControl::COOKIE => $cookie];

        return $this;
    }

    private function here(): self
    {
        url()->forceRootUrl('http://127.0.0.1');

        return $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
    }

    private function letIn(string $device, string $to = '/'): string
    {
        $answer = $this
            ->fromPhone()
            ->post('/sign-in', ['passphrase' => self::PHRASE, 'device' => $device, 'to' => $to]);
        $answer->assertRedirect($to);

        return (string) $answer->getCookie(AccessControl::COOKIE, false)?->getValue();
    }
}
