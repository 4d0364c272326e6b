<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DemoWorkroom;
use Illuminate\Support\Facades\DB;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Tests\Support\AppCase;

final class HouseTest extends AppCase
{
    public function test_tests_never_touch_a_workroom_file(): void
    {
        self::assertSame(':memory:', config('database.connections.sqlite.database'));
        self::assertFalse(app()->configurationIsCached());
        self::assertStringContainsString('testing', app()->getCachedConfigPath());
    }

    public function test_every_answer_carries_a_strict_policy(): void
    {
        $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("script-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        $this
            ->get('/nowhere')
            ->assertNotFound()
            ->assertHeader('Content-Security-Policy', $policy)
            ->assertSee('Page not found');
    }

    public function test_only_known_hosts_are_answered(): void
    {
        $this->get('http://evil.example/')->assertStatus(421);
        $this->get('http://127.0.0.1:8040/')->assertOk();
    }

    public function test_a_form_without_its_token_is_refused_with_our_own_page(): void
    {
        $this->app['env'] = 'production'; // the framework waives the check in tests
        $this->post('/formulas', ['family' => 'gel'])->assertStatus(419)->assertSee('This page lay open too long');
        $this->app['env'] = 'testing';
    }

    public function test_no_storage_route_is_open(): void
    {
        $this->get('/storage/demo.sqlite')->assertNotFound();
    }

    public function test_the_demo_workroom_looks_lived_in(): void
    {
        $this->seed(DemoWorkroom::class);
        $page = $this->get('/')->assertOk();
        $page
            ->assertSee('Slow Sunday leave-in milk')
            ->assertSee('Continue')
            ->assertSee('5 months left')
            ->assertSee('problems');
        $flawed = DB::table('formulas')->where('name', 'like', 'Cousin Bertil%')->value('id');
        $page = (string) $this->get("/formulas/$flawed")->getContent();
        self::assertGreaterThanOrEqual(6, substr_count($page, 'class="pencil sev-'));
        self::assertStringNotContainsString('findings.', strip_tags($page), 'every finding has its words');
    }

    public function test_an_empty_workroom_offers_the_first_step(): void
    {
        $this->get('/')->assertSee('What will you make?')->assertSee('Start a formula');
        $this->get('/formulas')->assertOk();
    }

    public function test_the_sources_name_no_place_outside(): void
    {
        $root = dirname(__DIR__, 2);
        foreach (['app', 'core', 'resources', 'routes', 'lang', 'public', 'config'] as $directory) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
                "$root/$directory",
                RecursiveDirectoryIterator::SKIP_DOTS,
            )) as $file) {
                if (str_contains($file->getPathname(), '/build/')) {
                    continue;
                }
                preg_match_all(
                    '#https?://(?!www\.w3\.org/|schema\.org|json-schema\.org/|127\.0\.0\.1|localhost)[\w.-]+#',
                    (string) file_get_contents($file->getPathname()),
                    $found,
                );
                self::assertSame([], $found[0], $file->getPathname());
            }
        }
    }
}
