<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Session\FileSessionHandler;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** What one request tells the next page arrives, whatever goes on beside it. */
final class SessionTest extends AppCase
{
    private const WORD = 'The salt is on the shelf.';

    private string $directory;

    protected function setUp(): void
    {
        parent::setUp();
        $this->directory = sys_get_temp_dir().'/ilvane-sessions-'.bin2hex(random_bytes(6));
        mkdir($this->directory);
        config(['session.driver' => 'file', 'session.files' => $this->directory]);
    }

    protected function tearDown(): void
    {
        array_map('unlink', glob($this->directory.'/*') ?: []);
        rmdir($this->directory);
        parent::tearDown();
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function beside(): iterable
    {
        yield 'the shelf line and the bench' => [['X-Live' => '1']];
        yield 'a search, a reading' => [['Accept' => 'application/json']];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('beside')]
    public function test_a_slow_request_beside_the_page_does_not_wipe_out_what_the_next_page_is_told(
        array $headers,
    ): void {
        $name = (string) config('session.cookie');
        $session = (string) $this->get('/settings')->assertOk()->getCookie($name, true)?->getValue();
        // it has read the session, and before it answers the maker has pressed a button
        Route::middleware('web')->get('/slow', function () use ($session): string {
            $handler = new FileSessionHandler(app('files'), $this->directory, 60);
            $kept = unserialize($handler->read($session), ['allowed_classes' => false]);
            $kept['said'] = self::WORD;
            $kept['_flash'] = ['old' => ['said'], 'new' => []];
            $handler->write($session, serialize($kept));

            return 'late';
        });

        $this->withCookie($name, $session)->get('/slow', $headers)->assertOk()->assertSee('late');
        app('session')->forgetDrivers();

        $this->withCookie($name, $session)->get('/settings')->assertSee(self::WORD);
        app('session')->forgetDrivers();
        $this->withCookie($name, $session)->get('/settings')->assertDontSee(self::WORD);
    }

    public function test_a_token_given_out_beside_the_page_holds_where_no_session_was_begun(): void
    {
        $name = (string) config('session.cookie');
        $answer = $this->getJson('/token')->assertOk();
        $session = (string) $answer->getCookie($name, true)?->getValue();

        self::assertStringContainsString((string) $answer->json('token'), (string) file_get_contents(
            $this->directory.'/'.$session,
        ));
    }
}
